import type { Habits } from '../equipment';
import { AS_WRITTEN, drawnChance, runInPot, type Chance } from '../simulate';
import { standardNormal } from '../spread';
import { applyReadings } from './apply-readings';
import { madeSteps, ofThePot, type BrewRecipe } from './brew-run';
import type { ReadQuantity } from '../brew-event';
import type { BrewState, Reading } from './brew-state';

/** A brew that was made, with its readings. */
export interface LearnedFrom {
  readonly name: string;
  readonly recipe: BrewRecipe;
  readonly state: BrewState;
}

/** What was known of a habit after a brew: a factor on the tables and where it lies with 95 %. */
export interface HabitPoint {
  readonly brew: string;
  readonly factor: number;
  readonly low: number;
  readonly high: number;
}

export interface HabitLearning {
  readonly habits: Habits;
  /** By process, from the prior on: how the factor moved and its spread narrowed. */
  readonly history: ReadonlyMap<string, readonly HabitPoint[]>;
}

/** Causes that are the kitchen's own and stay from brew to brew; the others are the fruit's. */
const HABITUAL = /^(?:evaporation|burner|strainer|cooling|press):/;
/** Readings that tell something, and how far they may be off, relative standard deviation. Source: jugs and clocks. */
const READING_SD: Readonly<Partial<Record<ReadQuantity, number>>> = { volume_mL: 0.02, mass_g: 0.005, minutes: 0.05 };
/** Step of the differences, in the logarithm of a factor. */
const STEP = 0.05;
/** Draws behind what the fruit and the measures leave open. */
const DRAWS = 80;
const SEED = 11;
/** A reading further off than this is trusted less the further it is: slips must not teach. */
const TRUSTED_sd = 3;
const Z95 = 1.96;

/** Factors as they are believed: means and covariances of their logarithms. */
interface Belief {
  readonly keys: string[];
  readonly means: number[];
  readonly covariances: number[][];
}

const habitsOf = ({ keys, means, covariances }: Belief): Habits =>
  Object.fromEntries(
    keys.map((key, index) => [key, { factor: Math.exp(means[index]!), cv: Math.sqrt(covariances[index]![index]!) }]),
  );

/** A chance that notes which habits a run asks for, and their spread by the tables. */
function noting(chance: Chance, asked: Map<string, number>): Chance {
  const note = (key: string, cv: number) => void (HABITUAL.test(key) && asked.set(key, cv));
  return {
    samples: chance.samples,
    shared: (key, cv) => (note(key, cv), chance.shared(key, cv)),
    product: (errors) => (errors.forEach(({ key, cv }) => note(key, cv)), chance.product(errors)),
  };
}

const inKitchen = ({ recipe }: LearnedFrom, habits: Habits) => {
  const { options = {}, preparations } = recipe;
  return { ...options, kitchen: { ...options.kitchen, habits }, ...(preparations ? { preparations } : {}) };
};

/** What a reading would be, in every sample, with the readings of earlier steps taken in; null where it cannot be told. */
function predicted(brew: LearnedFrom, reading: Reading, habits: Habits, chance: Chance): Float64Array | null {
  const steps = madeSteps(brew.recipe.document, brew.state);
  const at = steps.findIndex(({ of, addition }) => of === reading.step && addition === undefined);
  if (at < 0) return null;
  let value: Float64Array | null = null;
  runInPot(steps.slice(0, at + 1), inKitchen(brew, habits), chance, (index, done, pot) => {
    const { of, verb, addition } = steps[index]!;
    if (index < at) {
      const readings = brew.state.readings.filter((each) => each.step === of);
      if (addition === undefined && !('kind' in done)) applyReadings(pot, verb, ofThePot(readings, done));
      return;
    }
    // What was weighed of an addition says nothing of how the kitchen cooks.
    if ('kind' in done || done.asMeasured) return;
    if (reading.quantity === 'minutes') value = done.minutesBySample?.slice() ?? null;
    else if (!pot.dry) value = reading.quantity === 'mass_g' ? pot.body().masses() : pot.body().volumes();
  });
  return value;
}

function withNew(belief: Belief, asked: ReadonlyMap<string, number>): void {
  for (const [key, cv] of asked) {
    if (belief.keys.includes(key)) continue;
    belief.keys.push(key);
    belief.means.push(0);
    for (const row of belief.covariances) row.push(0);
    belief.covariances.push(belief.keys.map((_each, index) => (index === belief.keys.length - 1 ? cv * cv : 0)));
  }
}

/** Standard deviation of the logarithm that the fruit and the measures leave open when the habits are known. */
function openSd(brew: LearnedFrom, reading: Reading, habits: Habits): number {
  const sure = Object.fromEntries(Object.entries(habits).map(([key, { factor }]) => [key, { factor, cv: 0 }]));
  const samples = predicted(brew, reading, sure, drawnChance(DRAWS, standardNormal(SEED)));
  if (!samples) return 0;
  const logs = [...samples.slice(1)].map((each) => Math.log(Math.max(each, 1e-9)));
  const mean = logs.reduce((sum, each) => sum + each, 0) / logs.length;
  return Math.sqrt(logs.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (logs.length - 1));
}

/** Takes a reading in: the extended Kalman step in the logarithms of the factors. */
function update(belief: Belief, brew: LearnedFrom, reading: Reading, sd: number): void {
  const asked = new Map<string, number>();
  if (!predicted(brew, reading, {}, noting(AS_WRITTEN, asked))) return;
  withNew(belief, asked);
  const habits = habitsOf(belief);
  const logAt = (each: Habits): number => Math.log(predicted(brew, reading, each, AS_WRITTEN)![0]!);
  const expected = logAt(habits);
  if (!Number.isFinite(expected) || !(reading.value > 0)) return;
  const slopes = belief.keys.map((key) => {
    if (!asked.has(key)) return 0;
    const moved = (by: number) =>
      logAt({ ...habits, [key]: { ...habits[key]!, factor: habits[key]!.factor * Math.exp(by) } });
    return (moved(STEP) - moved(-STEP)) / (2 * STEP);
  });
  const { means, covariances } = belief;
  const towards = covariances.map((row) => row.reduce((sum, each, index) => sum + each * slopes[index]!, 0));
  const own = towards.reduce((sum, each, index) => sum + each * slopes[index]!, 0);
  const surprise = Math.log(reading.value) - expected;
  const noise = sd ** 2 + openSd(brew, reading, habits) ** 2;
  const sds = Math.abs(surprise) / Math.sqrt(own + noise);
  const gain = 1 / (own + noise * Math.max(1, sds / TRUSTED_sd) ** 2);
  for (let row = 0; row < means.length; row += 1) {
    means[row]! += towards[row]! * gain * surprise;
    for (let column = 0; column < means.length; column += 1)
      covariances[row]![column]! -= towards[row]! * gain * towards[column]!;
  }
}

/** Takes brews in one after the other; what is known can be asked at any time. */
export interface HabitLearner {
  readonly take: (brew: LearnedFrom) => void;
  readonly learned: () => HabitLearning;
}

function takeBrew(belief: Belief, history: Map<string, HabitPoint[]>, brew: LearnedFrom): void {
  const order = new Map(madeSteps(brew.recipe.document, brew.state).map(({ of }, index) => [of, index]));
  const readings = [...brew.state.readings].sort((a, b) => (order.get(a.step) ?? 0) - (order.get(b.step) ?? 0));
  for (const reading of readings) {
    const sd = READING_SD[reading.quantity];
    if (sd !== undefined) update(belief, brew, reading, sd);
  }
  for (const [index, key] of belief.keys.entries()) {
    const points = history.get(key) ?? [];
    const sd = Math.sqrt(belief.covariances[index]![index]!);
    const mean = belief.means[index]!;
    const factor = Math.exp(mean);
    const last = points.at(-1);
    // A brew that said nothing about a habit is no point of its curve.
    if (last && Math.abs(last.factor / factor - 1) < SAME) continue;
    const point = { brew: brew.name, factor, low: Math.exp(mean - Z95 * sd), high: Math.exp(mean + Z95 * sd) };
    history.set(key, [...points, point]);
  }
}
const SAME = 1e-9;

/**
 * Learns what a kitchen does more or less of than the tables say, from the readings of its brews: evaporation by
 * pot, burners, what strainers keep back, cooling, juice.
 *
 * The logarithms of the factors are jointly normal, with the spread of the tables before the first reading. Each
 * reading of a volume, a mass or a time moves all factors it depends on, as far as they can explain it (extended
 * Kalman filter; slopes by central differences). What the fruit and the measures leave open counts as noise.
 *
 * Source: Kalman 1960; linearised. Holds while factors stay within about a factor of two of the tables.
 */
export function habitLearner(): HabitLearner {
  const belief: Belief = { keys: [], means: [], covariances: [] };
  const history = new Map<string, HabitPoint[]>();
  return {
    take: (brew) => takeBrew(belief, history, brew),
    learned: () => ({ habits: habitsOf(belief), history: new Map(history) }),
  };
}

/**
 * What a kitchen has learned from all of its brews at once; see {@link habitLearner}.
 *
 * @param brews oldest first
 */
export function learnHabits(brews: readonly LearnedFrom[]): HabitLearning {
  const learner = habitLearner();
  brews.forEach(learner.take);
  return learner.learned();
}
