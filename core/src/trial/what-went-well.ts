/** A brew of a drink that was tasted. */
export interface TriedBrew {
  /** Out of 5. */
  readonly taste: number;
  /** What went in, g by ingredient. */
  readonly used: Readonly<Record<string, number>>;
  /** What came of it, mL, or g of a dry mix. */
  readonly got: number;
  readonly brix: number | null;
  readonly pH: number | null;
}

/** With fewer brews nothing is said: a line through four dots says what one likes. */
export const LEAST_TRIES = 5;
/** What never differed by more than this share of itself was not tried. */
const LEAST_APART = 0.03;
/** A trial is so much more or less: what can be tasted, and does not spoil a batch. */
const STEP = 0.2;
/** Ingredients below this share of the batch are not told apart by weighing. */
const TRACE_SHARE = 1e-5;

/** Something that differed from brew to brew, or did not. */
export interface Factor {
  /** Id of an ingredient, `brix` or `pH`. */
  readonly key: string;
  readonly kind: 'amount' | 'figure';
  /** By brew: g a litre (a kilogram of a dry mix), °Brix or pH. */
  readonly values: readonly number[];
  readonly mean: number;
  readonly varied: boolean;
}

/** How a factor goes with taste: points out of 5 for one unit more of it. */
export interface Liked {
  readonly factor: Factor;
  readonly slope: number;
  /** Where the slope lies with 95 %, if taste goes straight with it and nothing else differs along with it. */
  readonly low: number;
  readonly high: number;
  /**
   * Whether it stands out: `likely` also when all that was looked at is counted, `perhaps` only by itself, `unknown` when
   * it may as well be nothing.
   */
  readonly known: 'likely' | 'perhaps' | 'unknown';
}

export interface WentWell {
  readonly brews: number;
  /** What differed, the surest first. */
  readonly liked: readonly Liked[];
  /** What was the same in every brew. */
  readonly same: readonly Factor[];
}

/** A change to make next, one only. */
export interface NextTrial {
  readonly ingredient: string;
  /** So many times as much as usual. */
  readonly times: number;
  /** How far off the slope may be now and with this trial, either way, points a unit; null where it was never varied. */
  readonly before: number | null;
  readonly after: number | null;
  readonly because: 'promising' | 'unclear' | 'never-varied';
}

/** Normal deviates of 97.5 % for one thing that is looked at, and of 1 - 0.025/k for k at once. Source: any table. */
const NORMAL_975 = [1.96, 2.241, 2.394, 2.498, 2.576, 2.638, 2.69, 2.734, 2.773, 2.807, 2.838, 2.865] as const;

/**
 * The point of Student's t that 95 % lie within either way, for all of so many things at once.
 *
 * @param degrees of freedom, 3 and more: within 0.2 % there
 * @param count of things that are looked at (Bonferroni)
 * Source: Abramowitz and Stegun 26.7.5.
 */
export function studentWithin(degrees: number, count = 1): number {
  const z = NORMAL_975[Math.min(count, NORMAL_975.length) - 1]!;
  const terms = [
    (z ** 3 + z) / 4,
    (5 * z ** 5 + 16 * z ** 3 + 3 * z) / 96,
    (3 * z ** 7 + 19 * z ** 5 + 17 * z ** 3 - 15 * z) / 384,
    (79 * z ** 9 + 776 * z ** 7 + 1482 * z ** 5 - 1920 * z ** 3 - 945 * z) / 92_160,
  ];
  return terms.reduce((sum, term, index) => sum + term / degrees ** (index + 1), z);
}

const meanOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

const isApart = (values: readonly number[]): boolean =>
  Math.max(...values) - Math.min(...values) > LEAST_APART * Math.abs(meanOf(values));

/**
 * What could have made a difference: amounts a litre of what came, and what was read off. What is weaker only because
 * more came of a batch was not varied.
 */
export function factorsOf(brews: readonly TriedBrew[]): readonly Factor[] {
  const ids = [...new Set(brews.flatMap(({ used }) => Object.keys(used)))].sort();
  const amounts = ids.map((key): Factor => {
    const put = brews.map(({ used }) => used[key] ?? 0);
    const values = put.map((grams, index) => (1000 * grams) / brews[index]!.got);
    return { key, kind: 'amount', values, mean: meanOf(values), varied: isApart(put) && isApart(values) };
  });
  const figures = (['brix', 'pH'] as const).flatMap((key): readonly Factor[] => {
    const values = brews.map((brew) => brew[key]);
    if (!values.every((value) => value !== null)) return [];
    return [{ key, kind: 'figure', values, mean: meanOf(values), varied: isApart(values) }];
  });
  return [...amounts.filter(({ mean }) => mean > 1000 * TRACE_SHARE), ...figures];
}

interface Line {
  readonly slope: number;
  /** Sum of squares of the factor about its mean. */
  readonly spread: number;
  /** Variance of what the line leaves. */
  readonly left: number;
}

/** Least squares through taste against a factor. */
function fitted(values: readonly number[], tastes: readonly number[]): Line {
  const [x0, y0] = [meanOf(values), meanOf(tastes)];
  const spread = values.reduce((sum, x) => sum + (x - x0) ** 2, 0);
  const slope = values.reduce((sum, x, index) => sum + (x - x0) * (tastes[index]! - y0), 0) / spread;
  const rest = values.reduce((sum, x, index) => sum + (tastes[index]! - y0 - slope * (x - x0)) ** 2, 0);
  return { slope, spread, left: rest / (values.length - 2) };
}

/** Taste has steps of its own: even dots that lie on a line say no more than that, out of 5. */
const LEAST_TASTE_SD = 0.25;
const standardError = ({ spread, left }: Line): number => Math.sqrt(Math.max(left, LEAST_TASTE_SD ** 2) / spread);

/**
 * What the tastings of a drink's brews liked, with an honest statement of how little is known: a straight line of taste
 * against each amount by itself, where it lies with 95 %, and whether it stands out among all that was looked at.
 *
 * @param brews with a taste; at least {@link LEAST_TRIES}
 * @returns undefined where there are too few
 */
export function whatWentWell(brews: readonly TriedBrew[]): WentWell | undefined {
  const tried = brews.filter(({ got }) => got > 0);
  if (tried.length < LEAST_TRIES) return undefined;
  const tastes = tried.map(({ taste }) => taste);
  const factors = factorsOf(tried);
  const varied = factors.filter((factor) => factor.varied);
  const degrees = tried.length - 2;
  const liked = varied
    .map((factor): Liked => {
      const line = fitted(factor.values, tastes);
      const error = standardError(line);
      const half = studentWithin(degrees) * error;
      const size = Math.abs(line.slope);
      return {
        factor,
        slope: line.slope,
        low: line.slope - half,
        high: line.slope + half,
        known: size > studentWithin(degrees, varied.length) * error ? 'likely' : size > half ? 'perhaps' : 'unknown',
      };
    })
    .sort((a, b) => Math.abs(b.slope) / (b.high - b.low) - Math.abs(a.slope) / (a.high - a.low));
  return { brews: tried.length, liked, same: factors.filter((factor) => !factor.varied) };
}

/**
 * The one change that is worth most next: where taste may gain most within what is not ruled out, a fifth more or less;
 * where nothing was ever varied, what there is most of.
 *
 * @returns undefined where nothing goes in that could be changed
 */
export function nextTrial({ brews, liked, same }: WentWell): NextTrial | undefined {
  const choices = liked
    .filter(({ factor }) => factor.kind === 'amount')
    .flatMap(({ factor, slope, low, high, known }) => {
      const step = STEP * factor.mean;
      const up = high >= -low;
      const half = (high - low) / 2;
      const values = [...factor.values, factor.mean * (up ? 1 + STEP : 1 - STEP)];
      const spreadOf = (all: readonly number[]) => all.reduce((sum, x) => sum + (x - meanOf(all)) ** 2, 0);
      const narrower =
        Math.sqrt(spreadOf(factor.values) / spreadOf(values)) * (studentWithin(brews - 1) / studentWithin(brews - 2));
      return [
        {
          hope: step * Math.max(high, -low),
          trial: {
            ingredient: factor.key,
            times: up ? 1 + STEP : 1 - STEP,
            before: half,
            after: half * narrower,
            because: known !== 'unknown' && slope > 0 === up ? ('promising' as const) : ('unclear' as const),
          },
        },
      ];
    })
    .sort((a, b) => b.hope - a.hope);
  if (choices[0]) return choices[0].trial;
  const [most] = same.filter(({ kind }) => kind === 'amount').sort((a, b) => b.mean - a.mean);
  return most && { ingredient: most.key, times: 1 - STEP, before: null, after: null, because: 'never-varied' };
}
