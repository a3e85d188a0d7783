import type { SaveLot } from '@wellhydra/contract';

const DAY_ms = 86_400_000;

/** Ingredient, what it is called, grams, price, days since it came in, days to its day, where from, where it stands, more. */
type DemoLot = readonly [
  ingredient: string,
  name: string,
  amount_g: number,
  price: number,
  daysAgo: number,
  bestIn: number | null,
  origin: string,
  place: string,
  more?: Partial<SaveLot>,
];

const [SHOP, BOAT] = ['Harbour stores', 'Supply boat'];
const [DRY, COLD, TINS, LOCKER] = ['Dry cupboard', 'Fridge', 'Tins under the bench', 'Salt locker'];

/** What stands in the stores of the demo kitchen: some of it nearly gone, some of it soon past its day. */
const LOTS: readonly DemoLot[] = [
  ['honey', 'Heather honey', 2500, 32, 95, 400, 'North croft hives', DRY],
  ['honey', 'Clover honey', 3000, 24, 40, 600, BOAT, DRY],
  ['white-sugar', 'Granulated sugar', 5000, 6.5, 90, null, BOAT, DRY],
  ['table-salt', 'Fine table salt', 1000, 0.9, 120, null, SHOP, LOCKER],
  ['sea-salt-fine', 'Fine sea salt', 500, 3.2, 60, null, 'Skerry pans', LOCKER, { got: 'made' }],
  ['glucose', 'Glucose powder', 1000, 5.4, 80, 500, BOAT, DRY, { purity_pct: 99.5 }],
  ['potassium-chloride', 'Potassium chloride', 250, 4.1, 80, null, BOAT, LOCKER, { purity_pct: 99 }],
  ['trisodium-citrate', 'Sodium citrate', 250, 4.8, 80, null, BOAT, LOCKER, { purity_pct: 99 }],
  ['tripotassium-citrate', 'Potassium citrate', 100, 5.2, 80, null, BOAT, LOCKER, { purity_pct: 99 }],
  ['citric-acid', 'Citric acid', 250, 2.6, 80, null, BOAT, LOCKER],
  ['lemon-juice', 'Pressed lemon juice', 500, 3.4, 12, 6, BOAT, COLD],
  ['lime-juice', 'Lime juice', 500, 3.9, 12, 20, BOAT, COLD],
  ['orange-juice', 'Orange juice', 1000, 2.8, 6, 4, BOAT, COLD],
  ['grapefruit-juice', 'Grapefruit juice', 1000, 3.1, 6, 4, BOAT, COLD],
  ['tart-cherry-juice', 'Sour cherry juice', 1500, 7.5, 30, 150, BOAT, TINS],
  ['pineapple-juice', 'Pineapple juice', 1000, 2.4, 30, 200, BOAT, TINS],
  ['coconut-water', 'Coconut water', 1000, 3.8, 30, 120, BOAT, TINS],
  ['cider-vinegar', 'Cider vinegar', 2000, 7, 70, 700, SHOP, DRY],
  [
    'elderberries-dried',
    'Dried elderberries',
    1000,
    0,
    75,
    290,
    'Lee side of the old wall',
    TINS,
    { got: 'picked', identifiedBy: 'Ines' },
  ],
  ['elderberries-dried', 'Dried elderberries', 500, 11, 20, 340, SHOP, TINS],
  [
    'rose-hips-fresh',
    'Rose hips',
    1200,
    0,
    25,
    10,
    'Landing path hedge',
    COLD,
    { got: 'picked', identifiedBy: 'Marek' },
  ],
  ['ginger-fresh', 'Ginger root', 500, 2.9, 35, -3, BOAT, COLD],
  ['turmeric-fresh', 'Turmeric root', 250, 4.5, 35, 9, BOAT, COLD],
  ['hibiscus-dried', 'Dried hibiscus', 250, 6.2, 90, 380, SHOP, TINS],
  ['cinnamon-stick', 'Cinnamon sticks', 60, 2.2, 90, 500, SHOP, TINS],
  ['peppercorns', 'Black peppercorns', 100, 3, 90, 600, SHOP, TINS],
  ['thyme-fresh', 'Thyme', 80, 0, 2, 5, 'South terrace', COLD, { got: 'picked', identifiedBy: 'Ines' }],
  ['spearmint-fresh', 'Spearmint', 30, 0, 2, 4, 'South terrace', COLD, { got: 'picked', identifiedBy: 'Ines' }],
  ['cucumber', 'Cucumbers', 700, 1.8, 5, 5, BOAT, COLD],
  ['chia-seed', 'Chia seed', 400, 3.6, 50, 300, SHOP, TINS],
];

/** The lots of the demo as they are put in, with days that are counted from today. */
export const demoLots = (now: Date): readonly SaveLot[] =>
  LOTS.map(([ingredient, name, amount_g, price, daysAgo, bestIn, origin, place, more = {}]) => {
    const day = (days: number) => new Date(now.getTime() + days * DAY_ms).toISOString();
    const said = { ingredient, name, amount_g, price, origin, place, identifiedBy: '', purity_pct: null, note: '' };
    const bestBefore = bestIn === null ? null : day(bestIn);
    return { ...said, got: 'bought' as const, gotAt: day(-daysAgo), bestBefore, ...more };
  });
