import { formatVolume } from '../quantity';
import { aimAt, type Aim, type AimResult } from './aim-at';
import type { Instrument } from './measurable-levels';

/** What would do where a target cannot be measured out: a finer measure, or a batch so large that the measure is fine enough. */
export interface Remedy {
  readonly instrument: Instrument;
  readonly volume_mL: number;
  /** What to do, as a button says it. */
  readonly words: string;
}

const FINEST: Instrument = '0.1 g scale';
/** Batches that are tried, as multiples of the one that was asked for. */
const TIMES = [2, 3, 4, 5, 8, 10] as const;
/** More than this is no batch for a kitchen, mL. */
const LARGEST_mL = 10_000;

const missed = ({ figures }: AimResult): number => figures.filter(({ met }) => !met).length;

/** The same in so many times the volume. */
const timesAs = (aim: Aim, factor: number): Aim => ({
  ...aim,
  volume_mL: aim.volume_mL * factor,
  fixed: aim.fixed.map(({ ingredient, mass_g }) => ({ ingredient, mass_g: mass_g * factor })),
});

/**
 * What would bring more figures of an aim home than its answer does.
 *
 * @param aim as it was asked
 * @param result its answer
 * @returns at most one finer measure and the smallest batch; nothing where every figure is met, or nothing helps
 */
export function remediesFor(aim: Aim, result: AimResult): readonly Remedy[] {
  const now = missed(result);
  if (now === 0) return [];
  const remedies: Remedy[] = [];
  if (aim.instrument !== FINEST && missed(aimAt({ ...aim, instrument: FINEST })) < now)
    remedies.push({ instrument: FINEST, volume_mL: aim.volume_mL, words: `Measure with a ${FINEST}` });
  const tried = TIMES.filter((factor) => factor * aim.volume_mL <= LARGEST_mL).map(
    (factor) => [factor, () => missed(aimAt(timesAs(aim, factor)))] as const,
  );
  const enough = tried.find(([, left]) => left() < now);
  if (enough) {
    const volume_mL = enough[0] * aim.volume_mL;
    remedies.push({ instrument: aim.instrument, volume_mL, words: `Make ${formatVolume(volume_mL)}` });
  }
  return remedies;
}
