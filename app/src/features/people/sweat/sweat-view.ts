import type { DrinkDocument } from '@wellhydra/core/drink';
import type { SweatTest } from '@wellhydra/core/household';
import { replacement, sweatTest, type SweatResult } from '@wellhydra/core/people';
import { formatNumber } from '@wellhydra/core/quantity';
import type { Nutrients } from '@wellhydra/core/serving';
import { analyseDocument } from '../../../domain/run/analyse-document';
import type { RunContext } from '../../../domain/run/run-context';
import { plainAmount } from '../../../domain/people/person-words';
import { showVolume } from '../../../domain/words/units';

/** What is typed of a test. */
export interface SweatForm {
  readonly before: string;
  readonly after: string;
  readonly drunk: string;
  readonly urine: string;
  readonly minutes: string;
  readonly clothes: SweatTest['clothes'];
  readonly marks: SweatTest['marks'];
}

export const EMPTY_SWEAT: SweatForm = {
  before: '',
  after: '',
  drunk: '0',
  urine: '0',
  minutes: '60',
  clothes: 'none',
  marks: 'unknown',
};

const FIELDS = [
  ['before', 2, 400],
  ['after', 2, 400],
  ['drunk', 0, 20_000],
  ['urine', 0, 20_000],
  ['minutes', 1, 2880],
] as const;
export type SweatField = (typeof FIELDS)[number][0];

export type ReadSweat =
  | { readonly kind: 'test'; readonly test: SweatTest }
  | { readonly kind: 'empty' }
  | { readonly kind: 'wrong'; readonly field: SweatField; readonly message: string };

/** A test as it was typed; empty while the two weights are not there. */
export function readSweat(form: SweatForm): ReadSweat {
  if (form.before.trim() === '' || form.after.trim() === '') return { kind: 'empty' };
  const numbers: Partial<Record<SweatField, number>> = {};
  for (const [field, least, most] of FIELDS) {
    const text = form[field].trim().replace(',', '.');
    const number = text === '' ? NaN : Number(text);
    if (!(number >= least && number <= most))
      return { kind: 'wrong', field, message: `Between ${plainAmount(least)} and ${plainAmount(most)}.` };
    numbers[field] = number;
  }
  const { before, after, drunk, urine, minutes } = numbers as Record<SweatField, number>;
  const { clothes, marks } = form;
  const test = { before_kg: before, after_kg: after, drunk_mL: drunk, urine_mL: urine, minutes, clothes, marks };
  return { kind: 'test', test };
}

const range = (low: number, high: number, unit: string): string =>
  `${formatNumber(low, 2)} to ${formatNumber(high, 2)} ${unit}`;

/** What a test comes to, line by line; or why it tells nothing. */
export function sweatSays(test: SweatTest): { readonly says: readonly string[]; readonly result: SweatResult | null } {
  const result = sweatTest(test);
  if (result.kind === 'unclear') return { says: [result.because], result: null };
  const { litres_h, sodium_mg_h, salt_g_h, lost_share } = result;
  const lost = 100 * lost_share;
  return {
    result,
    says: [
      `About ${formatNumber(litres_h.likely, 2)} L an hour; ${range(litres_h.low, litres_h.high, 'L')} by the scale.`,
      `About ${formatNumber(salt_g_h.likely, 2)} g of salt an hour (${formatNumber(sodium_mg_h.likely, 2)} mg sodium); ${range(salt_g_h.low, salt_g_h.high, 'g')}, since people differ and the scale does not tell.`,
      lost > 2
        ? `${formatNumber(lost, 2)} % of the weight was lost: more than the 2 % that begin to cost strength. Drink more on the way.`
        : lost < -0.5
          ? 'Heavier afterwards: more was drunk than lost. Drink less than that, to thirst.'
          : `${formatNumber(Math.max(0, lost), 2)} % of the weight was lost.`,
    ],
  };
}

/** A drink of the kitchen against what is lost in an hour. */
export interface ReplacesView {
  readonly id: string;
  readonly name: string;
  readonly words: string;
  /** How far its salt is from what is lost: the nearest first. */
  readonly off: number;
}

const KINDS = new Set(['sport', 'daily-hydration', 'rehydration', 'infused-water']);

/** A drink that can make up for sweat, run once. */
export interface SweatDrink {
  readonly id: string;
  readonly name: string;
  readonly perLitre: Pick<Nutrients, 'sodium_mg' | 'sugars_g'>;
}

/** The drinks of a kitchen that are meant for it. */
export const sweatDrinks = (
  drinks: readonly { readonly id: string; readonly document: DrinkDocument }[],
  context: RunContext,
): readonly SweatDrink[] =>
  drinks
    .filter(({ document }) => KINDS.has(document.kind))
    .flatMap(({ id, document }): SweatDrink[] => {
      const { litre } = analyseDocument(document, context);
      return litre ? [{ id, name: document.name || 'Unnamed drink', perLitre: litre }] : [];
    });

/** Which drinks make up for it, by how much an hour; those whose salt comes nearest first. */
export const replaces = (
  result: Pick<SweatResult, 'litres_h' | 'sodium_mg_h'>,
  drinks: readonly SweatDrink[],
): readonly ReplacesView[] =>
  drinks
    .map(({ id, name, perLitre }): ReplacesView => {
      const of = replacement(result, perLitre);
      const share = Math.round(100 * of.sodium_share);
      return {
        id,
        name,
        words: `${showVolume(of.volume_mL_h)} an hour: ${formatNumber(of.sodium_mg_h, 2)} mg sodium, ${share} % of what is lost, and ${formatNumber(of.sugars_g_h, 2)} g sugars`,
        off: Math.abs(Math.log(Math.max(0.01, of.sodium_share))),
      };
    })
    .sort((a, b) => a.off - b.off);
