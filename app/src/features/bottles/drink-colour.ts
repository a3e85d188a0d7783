/** A bottle's colour, by what kind of drink is in it; colour is never the only sign. */
const COLOURS: Readonly<Record<string, string>> = {
  'infused-water': '#C9DD9A',
  juice: '#E8963A',
  tea: '#B06A3B',
  tonic: '#C48B3B',
  syrup: '#D9B45A',
  'vinegar-honey': '#C0752B',
  concentrate: '#B0763A',
  gel: '#A7C4A0',
  'dry-mix': '#DAE5EC',
  rehydration: '#BFE1E3',
  sport: '#9CCBE0',
  'daily-hydration': '#D5E8DC',
};

/** What stains a drink, the strongest first, by the ids of the catalogue. */
const STAINS: readonly (readonly [ids: readonly string[], colour: string])[] = [
  [['elderberries-dried', 'elderberries-fresh', 'elderberry-juice', 'aronia-dried', 'bilberries-dried'], '#5B1E45'],
  [['blackcurrant', 'blackcurrant-juice', 'blackberries', 'blueberries', 'mulberries', 'sloes'], '#6A2350'],
  [['beetroot', 'beetroot-juice'], '#7D1240'],
  [['hibiscus-dried', 'hibiscus-fresh'], '#A31C3F'],
  [['tart-cherry-juice', 'sour-cherries', 'sweet-cherries', 'pomegranate-juice', 'cranberry-juice'], '#8C2034'],
  [['strawberries', 'raspberries', 'redcurrants', 'watermelon', 'watermelon-juice', 'tomato-juice'], '#D6514A'],
  [['rose-hips-dried', 'rose-hips-fresh', 'rowan-berries', 'haws-fresh', 'hawthorn-berries-dried'], '#B4432C'],
  [['turmeric-fresh', 'turmeric-ground', 'turmeric-dried', 'turmeric-paste', 'sea-buckthorn', 'saffron'], '#E2A613'],
  [['carrot-juice', 'carrot', 'mango', 'mango-nectar', 'orange-juice', 'mandarin-juice', 'orange'], '#EC9A35'],
  [
    ['wheatgrass-juice', 'spirulina-powder', 'chlorella-powder', 'moringa-powder', 'matcha', 'spinach', 'kale'],
    '#6E9A3C',
  ],
  [['cocoa-powder', 'coffee-ground', 'blackstrap-molasses', 'molasses'], '#5A3A24'],
  [['grapefruit-juice', 'pink-rock-salt'], '#EFB08C'],
  [['pineapple-juice', 'passion-fruit-juice', 'ginger-juice'], '#E9C65A'],
  [['lemon-juice', 'lime-juice'], '#DDD98A'],
];
const PLAIN = '#BFE1E3';

/** The colour of what is in a bottle: by what stains it, else by its kind. */
export function drinkColour(kind: string, contains: readonly string[] = []): string {
  // A dry mix is white whatever it makes.
  if (kind !== 'dry-mix') {
    const stain = STAINS.find(([ids]) => ids.some((id) => contains.includes(id)));
    if (stain && !(kind === 'infused-water' && !/elder|hibiscus/.test(stain[0].join()))) return stain[1];
  }
  return COLOURS[kind] ?? PLAIN;
}
