import type { LotRecord } from '@wellhydra/contract';
import type { Analysis } from '@wellhydra/core/analyse';
import {
  againstShop,
  costOfBatch,
  costPerGram,
  pricesPerGram,
  savingsBySubstitutes,
  type BatchCost,
  type CostPart,
  type MineralSold,
} from '@wellhydra/core/cost';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { formatNumber } from '@wellhydra/core/quantity';
import { showMoney } from '../../../domain/words/money';
import { showMass, showPortion } from '../../../domain/words/units';

export interface CostRow {
  readonly key: string;
  readonly name: string;
  readonly amount: string;
  /** "£1.20", or that it is not known. */
  readonly cost: string;
  /** Share of what is known, 0 to 1. */
  readonly share: number;
}

/** What a batch costs, in words. */
export interface CostView {
  readonly title: string;
  readonly perServing: string;
  readonly perLitre: string;
  readonly rows: readonly CostRow[];
  /** What is not in the sum. */
  readonly without: string;
  readonly minerals: readonly string[];
  readonly savings: readonly { readonly text: string; readonly saves: string }[];
  readonly shop: string;
}

const MINERAL_NAMES: Readonly<Record<MineralSold, string>> = {
  sodium: 'sodium',
  potassium: 'potassium',
  magnesium: 'magnesium',
  calcium: 'calcium',
  vitaminC: 'vitamin C',
};

/** The least that is worth a change, as a share of the batch. */
const WORTH_SAVING = 0.02;
const MOST_SAVINGS = 4;

const amountWords = ({ kind, amount }: CostPart): string =>
  kind === 'ingredient' ? showMass(amount) : kind === 'stove' ? `${formatNumber(amount, 2)} kWh` : `${amount} x`;

const partName = ({ kind, name }: CostPart): string => (kind === 'stove' ? `The stove: ${name}` : name);

function withoutWords({ parts }: BatchCost): string {
  const unknown = parts.filter(({ cost }) => cost === null);
  if (unknown.length === 0) return '';
  const names = unknown.map((part) => (part.kind === 'stove' ? 'the stove' : part.name.toLowerCase()));
  const ways = [
    unknown.some(({ kind }) => kind === 'ingredient') ? 'put lots with prices into the stores' : '',
    unknown.some(({ kind }) => kind === 'stove') ? 'say what a kWh costs' : '',
    unknown.some(({ kind }) => kind === 'bottles') ? 'say what a bottle costs' : '',
  ].filter(Boolean);
  return `Without ${names.join(', ')}: to know them, ${ways.join(', ')}.`;
}

/**
 * What a batch costs by the prices of this kitchen, and which part of it what.
 *
 * @param lots of the stores, used up ones too
 * @param id of the drink, for what a shop asks for it
 */
export function costView(
  analysis: Analysis,
  lots: readonly LotRecord[],
  settings: KitchenSettings,
  id: string,
): CostView {
  const perGram = pricesPerGram(lots);
  const cost = costOfBatch(analysis, { perGram, settings });
  const money = (amount: number) => showMoney(amount, settings.currency);
  const least = cost.whole ? '' : 'At least ';
  const dry = analysis.trace.pot.dry;
  const made = dry ? analysis.trace.pot.mass_g : (analysis.liquid?.volume_mL ?? 0);
  const shop = settings.shopPrices?.find((each) => each.id === id);
  const against = shop ? againstShop(analysis, cost, shop) : null;
  return {
    title: cost.known > 0 ? `${least}${money(cost.known)} for ${showPortion(made, dry)}` : 'Nothing has a price yet',
    perServing: cost.perServing && cost.known > 0 ? `${least}${money(cost.perServing)} a serving` : '',
    perLitre: cost.perLitre && cost.known > 0 ? `${money(cost.perLitre)} a litre` : '',
    rows: cost.parts.map((part) => ({
      key: `${part.kind} ${part.id}`,
      name: partName(part),
      amount: amountWords(part),
      cost: part.cost === null ? 'not known' : money(part.cost),
      share: part.cost !== null && cost.known > 0 ? part.cost / cost.known : 0,
    })),
    without: withoutWords(cost),
    minerals: costPerGram(analysis, cost).map(
      ({ mineral, grams, cost: each }) => `${MINERAL_NAMES[mineral]}: ${money(each)} a gram, ${showMass(grams)} in it`,
    ),
    savings: savingsBySubstitutes(analysis, cost, perGram)
      .filter(({ saved }) => saved >= WORTH_SAVING * cost.known)
      .slice(0, MOST_SAVINGS)
      .map(({ of, text, saved }) => ({
        text: `${text} instead of ${of.toLowerCase()}`,
        saves: `saves ${money(saved)}`,
      })),
    shop: !against
      ? ''
      : against.saved >= 0
        ? `As much of it from the shop is ${money(against.inShop)}: ${money(against.saved)} more.`
        : `As much of it from the shop is ${money(against.inShop)}: ${money(-against.saved)} less than this.`,
  };
}
