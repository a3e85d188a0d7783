import { rowOf } from '../../lookup';
import { VOLUME_VECTOR_LENGTH, gramsToVolume, volumeOf, type Composition } from '../../liquid';
import { readAmount, isUnreadable, unreadable, type Unreadable, scanNumber } from '../../quantity';
import type { Column } from '../chance';
import type { WorkingPot } from '../pot';

/** What a pot is reduced to. */
export type Reduction =
  | { readonly goal: 'share'; readonly share: number }
  | { readonly goal: 'volume'; readonly volume_mL: number }
  | { readonly goal: 'mass'; readonly mass_g: number }
  | { readonly goal: 'brix'; readonly brix: number };

const SHARES: Readonly<Record<string, number>> = {
  half: 1 / 2,
  'a half': 1 / 2,
  'one half': 1 / 2,
  third: 1 / 3,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'two thirds': 2 / 3,
  quarter: 1 / 4,
  'a quarter': 1 / 4,
  'one quarter': 1 / 4,
  'three quarters': 3 / 4,
};
/** Strongest syrup a pot is reduced to, °Brix; beyond it sugar boils to candy. */
const MOST_BRIX = 80;

/**
 * A syrup that coats a cold spoon, °Brix: about 80 mPa·s at 20 °C, where a finger leaves a line. Source: viscosity tables of sucrose,
 * 58 mPa·s at 60 and 147 at 65 °Brix; where it coats is an estimate.
 */
const COATS_BRIX = 62;
const COATS = /^(?:until |till )?(?:it )?coats (?:the back of )?(?:a|the) (?:cold )?spoon$/;

const examples = ['to half', 'to 500 mL', 'to 62 °Brix', 'by 30 %'];
const notAGoal = (written: string): Unreadable =>
  unreadable('no-amount', written, `Say how far: ${examples.join(', ')}.`, examples);

/** Reads how far a pot is reduced: "to half", "to 500 mL", "to 62 °Brix", "by 30 %", "until it coats a spoon". */
export function readReduction(written: string): Reduction | Unreadable {
  const text = written.trim().toLowerCase();
  if (COATS.test(text)) return { goal: 'brix', brix: COATS_BRIX };
  const [, way, rest] = /^(to|by) (?:about )?(.+)$/.exec(text) ?? [];
  if (!way || !rest) return notAGoal(written);
  const words = rest.replace(/ (?:of (?:it|the volume)|the volume|its volume)$/, '');
  const named = rowOf(SHARES, words);
  if (named !== undefined) return { goal: 'share', share: way === 'to' ? named : 1 - named };
  const number = scanNumber(words, 0);
  if (!number || !(number.low > 0)) return notAGoal(written);
  const value = (number.low + number.high) / 2;
  const unit = words.slice(number.end).trim();
  if (unit === '%' || unit === 'percent' || unit === '') {
    const share = unit === '' && value < 1 ? value : value / 100;
    if (unit === '' && value >= 1) return notAGoal(written);
    return share > 0 && share < 1 ? { goal: 'share', share: way === 'to' ? share : 1 - share } : notAGoal(written);
  }
  if (way === 'by') return notAGoal(written);
  if (/^°? ?(?:brix|bx)$/.test(unit))
    return value <= MOST_BRIX
      ? { goal: 'brix', brix: value }
      : unreadable('unit-mismatch', written, `Above ${MOST_BRIX} °Brix it sets like candy. Stop at 65 to 70.`, [
          'to 65 °Brix',
        ]);
  const amount = readAmount(words);
  if (isUnreadable(amount)) return amount;
  if (amount.unit.dimension === 'volume') return { goal: 'volume', volume_mL: amount.value * amount.unit.size };
  if (amount.unit.dimension === 'mass') return { goal: 'mass', mass_g: amount.value * amount.unit.size };
  return notAGoal(written);
}

const WATER_VECTOR = Float64Array.of(1, 0, 0, 0, 0, 0, 0);

/**
 * Water that has to leave for a pot to reach a goal, g in each sample.
 *
 * @param start the liquid before it was heated: shares are of its volume
 */
export function waterToRemove(pot: WorkingPot, goal: Reduction, start: Composition): Column {
  const removed = new Float64Array(pot.samples);
  const vector = new Float64Array(VOLUME_VECTOR_LENGTH);
  const masses = pot.liquid.masses();
  const startVolume_mL = volumeOf(start);
  for (let sample = 0; sample < pot.samples; sample += 1) {
    pot.liquid.volumeVector(sample, vector);
    if (goal.goal === 'brix') {
      const solution = vector[0]! + vector[1]!;
      removed[sample] = solution - (100 * vector[1]!) / goal.brix;
    } else if (goal.goal === 'mass') removed[sample] = masses[sample]! - goal.mass_g;
    else {
      const mark = goal.goal === 'volume' ? goal.volume_mL : goal.share * startVolume_mL;
      removed[sample] = -gramsToVolume(vector, WATER_VECTOR, mark);
    }
  }
  return removed;
}
