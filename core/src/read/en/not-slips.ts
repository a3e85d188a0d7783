/**
 * Everyday words that stand a slip away from one the reader knows, and are meant as they are: "steel" is no slip of "steep".
 * The common words of an English word list (the 40,000 commonest) within one letter of a known word, two from eight letters
 * on, without the forms of known words.
 */
export const NOT_SLIPS: ReadonlySet<string> = new Set(
  `
  abide abort abound acrid acrobatic actuality adapter adopted aground along ample annually apply approximate
  approximated approximates arise atone automatic axiomatic babble babbling backings bailed bailing baling balking
  balmy bandanna bandy bangs banished banking barer barge based bashes basic basin basing basis basked basking basted
  bathe batter battle baulking began bench benches beret beset better biking birth bitch bitten blanches bland blank
  blanking blare bleed blind block blond bloody bloom blown blush boggling boring botch bowel brags braise braised
  braking branches brand brands brawn breaking bridling brine brink briny brittler broil broiled broiling brood brows
  brunch brunched brunches brush brutish bubblier buckling building bundling bungling burble burbling bushy bustling
  butchers butler butte butted buttery buttes cacti camel cameo canister cannon canoe canter capsizes captures carbon
  cared carefuller carol carry cartoon cartoons caste castes castrate cater cellular cementing chalky chapped chaster
  check cheery chick chickened child chilly china chink chins chipped chlorine choking choosing chopper choppered
  choppers choppier chore chunky cinder clarifies classified cleaners cleanest cleansed cleanser cleanses cleat cleave
  cleaved cleaves clever clipboard cloaking clocking clone clones close closer closes clothe clots cloud clouds cloven
  cluck coaled coarsen coarsens coarser coarsest coaster coasters cocking coded codes coffer coiled coils coked cokes
  coking collage collages collar collared collated collates colleges coloring comas combing combs comet comets
  commander cones consoled convened converged conversed converted conveyed cooed cooing cooped cooper cooping coped
  copes copped corded corked corking corned cornered corns could counted countess counties coups course covert coves
  covet coveted cowered coyer crane crash crashed creak creamy croaking crook crooking crooning cropped crouched
  crunched crusaded crust crusted curbed cured curly current currents cylinder dairy daisy dally debilities decadent
  decent defended dehydrate dehydrated dehydrates delimiter delimiters delirious denser depended descended deserted
  deserved dices diked dined discord discords dishes dispelled dissolute distiller distillers distillery distills
  dived doily doubly downy drank drawl drawn drier drifting drill drilling drily droop droops dross drown drunk envoy
  falter faltered festered feted fettered filleted filly filthier finer fishy fitter flaky flank flare flash flashed
  flesh fleshes fleshier flood flowed flowery fluke flushed flyovers foamy follower followers foresight forge forged
  forger forges forgot forthright fostered frame freed frieze frill fringe fringes frittered frizzy front froze fruity
  fully funner fuzzy gains gallants gallop gallops gallows galls garaging gated gating generals generics gentle gentry
  gilds gilts girls given glade glads glassier glassiest glassy gloating gloss glosses glossies goody gores grace
  graced gracing grader graduated grafted grafting grammars grant granted granting graph graphing grasp grasping
  grasps grassy grate grater grates grave graved graving gravy graze grazed grazing greasing greed greet greeting
  greetings grill grills grimmest grins gripe gritting groan groaning groin groins grope gross grunting gulls gyrated
  gyrating haled hales haloed halted halve handouts handy hardy hared haven heady heard heart heath heave hoard holly
  homey huger hurled husky impartial imperil imperils inaner inert infer insert insulin inter invent invest itches
  jeers jells jolly juicier juicy keels keens kills kilns kilts kinda knots knows lacerate larger later leafy lease
  leases lighters liken liker linefeed linen liner liners lingered liquidate liquoring lists literals lithe lither
  litter litters littler littlest lively liver livers loaves loiter loiters lonely lowliest lusts maces magic
  magnetism mains maker makers males malice mandating mandolin manes mange mangle mangrove mangy manic mares marsh
  match matte mazes meddle meddled meteoric meter middle miens mikes milky millimeter millimeters mince minces minded
  minds minks minus minuses minuter minutest moaning moderate mooing mooning moorings moping morasses mossy moths
  mounding mounting mourning mouth mouths mowing muddied muscling nearby neatly needless nestle neural newer nicer
  nicety niche niece numbed opener optioned organise organism organist organize oversight oversights overt overweight
  paced packaged packer packers paged pager paint paints paired palace palate paled paler paltry pamper pancaked
  pandered panel panels panicked pants pares parked parred parsed parted party pasta pastel pastry pasts pasty patted
  paunches pauper paved pawed payed payer peace pealed peals pecked pedal pedalled pedals pedantry peeked peeks peeped
  peeps peered peers peeved penal pepped perch petted pickaxed picket picketed pickets pickled picky pierce pierces
  piked pitch pitchers pitches pitied plaice plaid plane plantation planting pleas pleasure plumb plume plump pocket
  pockets point points ponder pondered ponds porch pored portly pottered pouch powdery power powered preach preached
  preacher preaches preferable premised presided pressured presumed preys prick pricked prickle prickled prickles
  princess print prints proceeds processor profess professed progress prone protests prowess prude psalm punch punches
  punned punts purer purge purse quail quainter quark quarreled quartet quartets quartz quavered rainy raising rally
  rallying rapidity realm realty rebounds recite recurrent refrains refrigeration regains regal remain remained
  remaking remote reset resounds retains rinds ringed rinks ripen riper robot rocky roller roman roomy roost rotundas
  round roundest rouse rungs safer sager salty satchels savor savors savoury scans scanty scarring scent scoot score
  scornful scour scribbled scrupled seasonal seceded sects seedy seemed seeped selves series serve served server
  servers services settable settler settlers sewed sexed shackling shade shaky shall shame shape share sharking shave
  shaven sheep sheet shielded shimmer shimmers shirking shirting shivered shivers shocking shoes shone shoos shoot
  shoots shore short shorts shout shouts shove shows shrewder shrouded shrub shucking shuts sicks siege silvered skein
  skill skimp skippers skirting slacking slake slant slash slashed slashes sleep sleet slick slicked slickest slicking
  slicks slide slides slighted slighter slime slimmer slink slipper slippers slithered slithers sliver slope slots
  sluice sluiced sluices slurring smacking smell smirking smocking snacking snake snarling snoop snore snots socking
  spangling spanking sparking sparring spearing specking speed spice spiced spices spill spiraling splice spliced
  splices spoof spoofs spook spooking spooks spool spools spore spots sprain sprained spring springs sprucer sprucest
  spurring squalled squatted squawked squeaked squealed stabilized stack stacking stacks stage staid stain stair stake
  stale stall stank stare stark starlight start starting startling starving stave steamed steel steer steering
  sterilise sterilised sterilises sterilize sterilizes sterling stickers stickies sticky stiffing stifling stinging
  stink stinking stinks stinting stock stockading stockier stocks stoke stoked stoking stole stomping stony stoop
  stooping stopping storey stork storm storming story stowed straighten strait strand stranger strap stray straying
  streamed strew striking string stroking strove strummed strung stuck sugary suitably sultan sultans summer supervise
  sweat sweep sweetens swept swerves swill swiveled swoon swoons swoop sword sworn taken taker tanned tartan temperate
  tempo tempt theme think thorn thorough though threat threw throb thrown thump thumps tinged tinny tinted toileted
  towed tower trail tread trick trill trimmer trimmest trough trowel truce truer tumble tumbled tumbles twine twinned
  twisters udder uncovers undefined unseated unsolved unsuited untie unveiled unwanted unwashed venerable veritable
  vineyard wafer wager waiter wasted watery waver weeds weeps whale whatsoever wheedles wheel whenever wherever
  whiffing while whine whirling whirring whisky whiten whiter whooping whore whose width wince winner wintrier wiring
  wished witch workshop worst worth wrapping write wrong wrung yield
`
    .trim()
    .split(/\s+/),
);
