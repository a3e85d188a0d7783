/** Lines that are no step: they begin or end like this, or have these words in them. */
export const NOTE_WORDS: readonly string[] = [
  'serves',
  'serves about',
  'makes about',
  'makes enough',
  'yields',
  'not for',
  'not suitable',
  'good for',
  'swore by',
  'my nan',
  'my gran',
  'recipe from',
  'adapted from',
  'in the shop',
  'in season',
  'delicious',
  'enjoy',
];

/** A part of a line that has these words in it is no step; the rest of the line may be. */
export const NOTE_PIECES: readonly string[] = [
  'label',
  'labels',
  'batch no',
  'batch number',
  'use by',
  'use within',
  'use it within',
  'best before',
  'before use',
  'before serving',
  'before you drink',
  'before drinking',
  'do not boil',
  'dont boil',
  "don't boil",
  'never boil',
  'write date',
  "today's date",
  'mark date',
  'put date',
  'date on',
  'drink by',
  'drink within',
  'drunk within',
  'best within',
  'finish within',
  'eat within',
];

/** A part of a line that begins so and says no amount tells what becomes of the drink. */
export const TELLING_WORDS: ReadonlySet<string> = new Set(
  'drink finish enjoy share eat serve taste write mark stick wipe while'.split(' '),
);

/** Words that carry nothing for the reading of a line. */
export const COURTESY: ReadonlySet<string> = new Set(
  'okay ok um er uh so you please well now then like really actually nice lovely good kind type one ones some any optional organic cloudy each whatever have if freshly fresh-picked about preferably unwaxed ripe clean cold warm hot boiled boiling cooled tap filtered plain raw pure real the of a an and or in into on onto with to for from at as it its this that them your my is are be more another again first up off out over down through using until dissolved dissolves melted combined smooth clear incorporated gone quickly medium piece pieces long thick thin thinly finely roughly coarsely lightly'.split(
    ' ',
  ),
);

/** Cuts and states in other words, as the reader of amounts knows them. */
export const CUTS: Readonly<Record<string, string>> = {
  cubed: 'chopped',
  diced: 'chopped',
  minced: 'chopped',
  quartered: 'chopped',
  shredded: 'grated',
  slivered: 'sliced',
  slivers: 'sliced',
  smashed: 'crushed',
  squashed: 'crushed',
  bashed: 'crushed',
  wheels: 'sliced',
  rounds: 'sliced',
  rings: 'sliced',
  dry: 'dried',
  powder: 'powdered',
  frozen: 'frozen',
  squeezed: 'juiced',
};

/** What is done to a plant before it weighs anything else; it changes no amount. */
export const TRIMMED: ReadonlySet<string> = new Set(
  'hulled destemmed stemmed cored pitted stoned deseeded seedless seeded peeled unpeeled washed rinsed cleaned scrubbed trimmed opened pared unsweetened sweetened picked'.split(
    ' ',
  ),
);

/** States and cuts that the reader of amounts knows. */
export const FORM_WORDS: ReadonlySet<string> = new Set(
  'sliced chopped crushed muddled torn halved grated whole powdered ground packed zest juiced fresh dried frozen bruised cut'.split(
    ' ',
  ),
);

/** States that make another thing of a plant: they are part of its name. */
export const STATES: ReadonlySet<string> = new Set('fresh dried ground powdered frozen whole'.split(' '));

/** Parts of a fruit that are asked for by name: "juice of". */
export const PREFIXES: Readonly<Record<string, string>> = {
  juice: 'juice of',
  peel: 'peel of',
  rind: 'peel of',
  skin: 'peel of',
  zest: 'zest',
};

/** Pieces that a thing is cut into. */
export const PORTIONS: ReadonlySet<string> = new Set(
  'slices wedges rounds wheels chunks cubes coins sticks'.split(' '),
);

/** How a spoon is filled, and which spoon it is. */
export const HEAPS: ReadonlySet<string> = new Set([
  'level',
  'flat',
  'heaped',
  'heaping',
  'rounded',
  'cutlery',
  'measuring',
  'packed',
]);

/** What is said of a thing that changes no amount and matters later, as the note of a step. */
export const NOTED: Readonly<Record<string, string>> = {
  pared: 'pared thin',
  thinly: 'pared thin',
  pith: 'no pith',
  seedless: 'seedless',
  deseeded: 'seedless',
};

/** What is taken out of a pot, as people call all of it. */
export const SOLID_WORDS: ReadonlySet<string> = new Set(
  'solid solids fruit fruits bit bits piece pieces pulp peel peels skin skins pod pods stick sticks leaf leaves bag bags sachet sachets everything all any them herb herbs spice spices berry berries plant plants flower flowers slice slices rest pit pits stone stones seed seeds stem stems twig twigs stalk stalks root roots whole aromatics teabag teabags infuser cloth muslin sprig sprigs knob coin coins wedge wedges pith zest rind strip strips bulb husk husks'.split(
    ' ',
  ),
);
