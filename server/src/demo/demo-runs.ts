/** A brew of the demo that is under way: how long ago it began, and when each step was done, hours ago. */
export interface DemoRun {
  readonly drink: string;
  readonly cook: string;
  readonly hoursAgo: number;
  /** Steps done, in order, at these many hours ago. */
  readonly done: readonly number[];
  /** A timer on the step after these, began at the last of them; hours. */
  readonly timer_h?: number;
}

export const DEMO_RUNS: readonly DemoRun[] = [
  { drink: 'fogbank', cook: 'Ines', hoursAgo: 4.2, done: [4.1, 4.05, 4, 3.95, 3.9, 3.1], timer_h: 8 },
  { drink: 'thyme', cook: 'Wilf', hoursAgo: 24 * 11, done: [263.9, 263.8, 263.7, 263.6] },
  { drink: 'hips', cook: 'Ines', hoursAgo: 15, done: [14.8, 2.4] },
];

/** A brew of the last three months, made to the end and read on the way. */
export interface DemoMade {
  readonly drink: string;
  readonly daysAgo: number;
  /** How this kitchen and that day differ from the tables, by process. */
  readonly day: number;
  /** Honey that was put in on trial instead of what the drink says, g. */
  readonly honey_g?: number;
}

/** What the galley of the Skerry really does: a draughty stove, a gentle hand with the cloth. */
export const DEMO_HABITS = {
  'evaporation:saucepan': 1.24,
  'strainer:cloth': 1.15,
  'strainer:drain': 0.92,
  'burner:gas medium': 1.07,
} as const;

const days = (drink: string, ...ago: readonly number[]): readonly DemoMade[] =>
  ago.map((daysAgo) => ({ drink, daysAgo, day: (daysAgo * 7) % 5 }));

/** The elderberry syrup was made with less and more honey, to find out how it is liked. */
const HONEY_g = [420, 380, 420, 460, 400, 440, 420] as const;

/** Twenty brews, oldest first. */
export const DEMO_MADE: readonly DemoMade[] = [
  ...days('fogbank', 88, 74, 61, 49, 36, 24, 12).map((made, index) => ({ ...made, honey_g: HONEY_g[index]! })),
  ...days('hibiscus', 83, 69, 55, 40, 27, 15),
  ...days('turmeric', 79, 58, 44, 31, 18),
  ...days('hips', 66, 34),
].sort((a, b) => b.daysAgo - a.daysAgo);
