import type { Verb } from '../../drink';

/** What is done, by the words for it: `*` stands for up to four words between, `**` for up to nine. */
export interface ActionRow {
  readonly words: string;
  readonly verb: Verb;
  /** The value of the step, where the words say it. */
  readonly value?: string;
  /** Where it stands, where the words say it. */
  readonly at?: string;
  /** What is asked where nothing more is said. */
  readonly ask?: string;
  /** What follows is put in: "stir in". */
  readonly adds?: true;
  /** What is done besides putting it in. */
  readonly also?: Verb;
  /** Any other action in the phrase is meant rather than this. */
  readonly vague?: true;
  /** It changes the flame and makes no step: "lower the heat". */
  readonly skips?: true;
  /** Words that say it only where a time is said as well. */
  readonly timed?: true;
}

/** What is asked where bottles are filled of which nobody has said the size. */
export const BOTTLES_ASK = 'Into how many bottles, of what size?';

const rows = (verb: Verb, words: string, more: Omit<ActionRow, 'words' | 'verb'> = {}): readonly ActionRow[] =>
  words.split('|').map((each) => ({ words: each.trim(), verb, ...more }));

/** How things are done, in everyday words; of several that fit the one with most words counts. */
export const ACTIONS: readonly ActionRow[] = [
  ...rows(
    'add',
    'add|put in|drop in|pour in|tip in|throw in|squeeze in|chuck in|top up|top with|go in|goes in|in go|in goes|went in|drop straight in',
    { adds: true },
  ),
  ...rows('add', 'stir in|mix in|fold in|whisk in|swirl in', { adds: true, also: 'stir', ask: 'Stir what in?' }),
  ...rows('add', 'put|take|tip|throw|combine|use|pour|give|chuck|drop|pop|empty|grab|toss|place', {
    adds: true,
    vague: true,
  }),
  ...rows(
    'heat',
    'bring * to boil|bring to boil|bring * boil|bring * up to boil|up to boil|bring it up|bring up|bring up slowly|cook it up|cook up|come to boil',
    {
      value: 'to boil',
    },
  ),
  ...rows('heat', 'bring * to simmer|bring to simmer|bring * up to simmer|up to simmer', { value: 'to a simmer' }),
  ...rows(
    'heat',
    'heat|heat up|warm|warm up|warm through|warm it through|microwave|back on stove|back on heat|put back on stove',
  ),
  ...rows('heat', 'warm * little|warm * bit|warm slightly|warm gently|heat * little|take * chill off', {
    value: 'to 40 °C',
  }),
  ...rows('heat', 'heat until dissolved|warm until clear|warm until dissolved', { value: 'to 60 °C' }),
  ...rows(
    'heat',
    'lower heat|reduce heat|turn down heat|turn heat down|turn it down|turn down|lower flame|reduce flame|small flame|switch off|down to low|over high heat|over medium heat|over low heat|on low heat|on high heat|over heat|heat to low|medium heat|high heat|low heat|on stove',
    { skips: true },
  ),
  ...rows(
    'simmer',
    'simmer|bubble gently|cook gently|slow cooker|lowest flame|barely bubbling|tick over|poach|bare simmer',
  ),
  ...rows('boil', 'boil|rolling boil|boil hard|full pelt|boil rapidly|keep boiling|cook'),
  ...rows(
    'reduce',
    'reduce|cook down|boil down|simmer down|simmer * reduced|boil * reduced|cook * reduced|until reduced|until coats|boil ** coats|simmer ** coats|reduce ** coats|cook ** coats|boil ** left|simmer ** left|cook ** left|boil until * have|simmer until * have|cook until * have|until * left|until * remains|until half|until it halves|cook it down',
  ),
  ...rows('steep', 'steep|brew|draw in hot water|turn off heat|off heat|take off heat|remove from heat|heat off|stew'),
  ...rows('infuse', 'infuse|infuse cold|cold infuse|macerate|shake * daily|shake * every day|marinate'),
  ...rows(
    'rest',
    'rest|stand|let stand|let sit|leave to stand|let * sit|let * stand|leave be|leave|leave alone|forget',
  ),
  ...rows('rest', 'give * more|give ** more', { timed: true, ask: 'Simmering, or off the heat?' }),
  ...rows('rest', 'let * settle|leave to settle|settle', { ask: 'How long does it settle?' }),
  ...rows('soak', 'soak|soften in'),
  ...rows(
    'strain',
    'strain|sieve|filter|pass through|pour through|again through|twice through|run through|drip through|drip|drain|decant|pour off',
  ),
  ...rows('mill', 'food mill|mill|grind'),
  ...rows(
    'press',
    'press|wring|juicer|press out|squeeze out|squeeze dry|squeeze hard|squeeze-out|feed * juicer|squeeze through|squeeze ** through|squeeze * pulp|squeeze * bag|wring ** through',
  ),
  ...rows(
    'remove',
    'remove|take * out|lift * out|fish out|fish * out|pick out|pick * out|pull out|scoop out|discard|bin',
  ),
  ...rows('mash', 'mash|crush|muddle|bruise|squash|smash'),
  ...rows('blend', 'blend|blitz|whizz|liquidise|puree'),
  ...rows(
    'cool',
    'cool|cool ** ice bath|cool ** ice water|cool ** cold water|cool ** sink|let cool|cool down|leave to cool|cold water bath|sink of cold water|once cool|when cool|cooled|becoming cold|become cold|becomes cold|gone cold|goes cold|gets cold|completely cold|once cold|when cold|stand * in cold water|stand * in ice|set * in cold water|set * in ice|sit * in cold water|sit * in ice|put * in cold water|come down to|came down to|comes down to|ice bath',
  ),
  ...rows('chill', 'chill|refrigerate|chill down'),
  ...rows('infuse', 'fridge|in fridge', {
    timed: true,
    vague: true,
    ask: 'Is it keeping there, or steeping there?',
  }),
  ...rows('store', 'store|keep|keeps|goes in fridge|lasts', { timed: true, vague: true }),
  ...rows('store', 'store|keep in|keeps in|keep it in|put away'),
  ...rows('freeze', 'freeze'),
  ...rows('freeze', 'freezer', { timed: true }),
  ...rows('wash', 'wash|rinse|scrub|top and tail'),
  ...rows('stir', 'stir|whisk|mix|keep moving|keep stirring|swirl'),
  ...rows('dissolve', 'dissolve|stir until dissolved|stir until * dissolves|stir until * dissolved|until * dissolves'),
  ...rows('shake', 'shake|give * shake|give * good shake|shaken'),
  ...rows('skim', 'skim|skim off|take off * scum|take off * foam'),
  ...rows('draw', 'draw off|take off|set aside|keep back|reserve'),
  ...rows('carbonate', 'fizz up|fizz * up|carbonate|top * with sparkling water|top * with soda'),
  ...rows(
    'bottle',
    'bottle|bottle up|jar-up|fill ** bottle|fill ** jar|fill ** flask|full ** bottle|full ** jar|pour ** bottle|pour in ** bottle|pour in ** jar|pour ** jar|pour ** flask|ladle ** jar|ladle ** bottle|funnel ** bottle|funnel ** jar|decant ** bottle|decant ** jar|straight ** jar|straight ** bottle',
    {
      ask: BOTTLES_ASK,
    },
  ),
  ...rows('process', 'process|water bath|process jars|boil jars', {
    ask: 'At what altitude, and what size are the jars?',
  }),
  ...rows(
    'rinsePass',
    'repeat-with|rinse * through|do it again with|second pass with|back * with another|return * with another',
    {
      ask: 'Which steps are repeated: simmer, mash, strain?',
    },
  ),
];

/** Words between the words of an action that say nothing of it. */
export const FILLERS: ReadonlySet<string> = new Set(
  "it it's its them the this that her him everything all well gently slowly carefully then now so just please lightly very nicely pan pot saucepan your my our into to-the onto".split(
    ' ',
  ),
);

/** What says that something is not to be done. */
export const NEGATIONS: ReadonlySet<string> = new Set("don't dont not never no without cannot can't avoid".split(' '));
