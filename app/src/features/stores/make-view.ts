import {
  calledAs,
  missingFor,
  preparedMissing,
  stockOf,
  type Missing,
  type PreparedMissing,
  type TakenOut,
} from '@wellhydra/core/stores';
import type { House } from '../../domain/stores/house';
import { ingredientName } from '../../domain/stores/ingredient-name';
import type { Wanting } from '../../domain/stores/to-buy';
import { showMass, showVolume } from '../../domain/words/units';
import { SOON_ms } from './stores-view';

/** Something that is missing, and what would help. */
export interface MissingView {
  readonly words: string;
  /** "34 g white sugar would do"; null where nothing would. */
  readonly instead: string | null;
}

/** A drink as far as the stores go. */
export interface MakeView extends Wanting {
  readonly id: string;
  readonly missing: readonly MissingView[];
  /** What it would use up that is soon past its day. */
  readonly usesUp: readonly string[];
}

function missingView({ ingredient, wanted_g, there_g, instead: [instead] }: Missing): MissingView {
  const name = ingredientName(ingredient).toLowerCase();
  return {
    words: there_g > 0 ? `${showMass(wanted_g - there_g)} more ${name}` : `${showMass(wanted_g)} ${name}`,
    instead: instead ? `${instead} would do` : null,
  };
}

/** What was made before and is not there, and whether it can be made of what is there. */
function preparedView(
  { name, amount_mL, there_mL, used }: PreparedMissing,
  stock: ReadonlyMap<string, number>,
): MissingView {
  const amount = showVolume(amount_mL - there_mL);
  return {
    words: there_mL > 0 ? `${amount} more ${name}` : `${amount} ${name}`,
    instead: missingFor(used, stock).length === 0 ? 'what goes into that is there: make it first' : null,
  };
}

interface Known extends TakenOut {
  readonly id: string;
  readonly name: string;
}

/**
 * What can be made of what is there: drinks of which nothing is missing first, those that use up what is soon past its
 * day before the others, then those of which least is missing.
 */
export function makeViews(drinks: readonly Known[], { lots, made }: House, now: Date): readonly MakeView[] {
  const stock = stockOf(lots);
  const soon = new Set(
    lots
      .filter(({ bestBefore }) => bestBefore !== null && Date.parse(bestBefore) - now.getTime() < SOON_ms)
      .map(({ ingredient }) => ingredient),
  );
  return drinks
    .filter(({ used, prepared }) => Object.keys(used).length > 0 || prepared.length > 0)
    .map(({ id, name, used, prepared }) => ({
      id,
      name,
      used,
      prepared,
      missing: [
        ...preparedMissing(prepared, made).map((each) => preparedView(each, stock)),
        ...missingFor(used, stock).map(missingView),
      ],
      usesUp: Object.keys(used)
        .filter((ingredient) => soon.has(ingredient) && stock.has(ingredient))
        .map((ingredient) => lots.find((lot) => lot.ingredient === ingredient)!.name.toLowerCase()),
    }))
    .sort(
      (a, b) =>
        a.missing.length - b.missing.length || b.usesUp.length - a.usesUp.length || a.name.localeCompare(b.name, 'en'),
    );
}

/** Own drinks that others are made of, as they stand in bottles. */
export interface OwnBottles {
  readonly name: string;
  /** "2 bottles, 640 mL". */
  readonly left: string;
  /** The one to be used up first. */
  readonly first: { readonly id: string; readonly useBy: string } | null;
}

/**
 * What was made here for other drinks, by name; what none of stands in a bottle is said, too.
 *
 * @param documents drinks of the kitchen
 * @param bottles that can be used
 */
export function ownBottles(
  documents: readonly { readonly name: string; readonly steps: readonly { verb: string; text: string }[] }[],
  bottles: readonly { readonly id: string; readonly drinkName: string; readonly remaining_mL: number; useBy: string }[],
): readonly OwnBottles[] {
  const texts = documents.flatMap(({ steps }) =>
    steps.filter(({ verb }) => verb === 'use').map(({ text }) => calledAs(text)),
  );
  const names = new Set(documents.map(({ name }) => name.trim()).filter(Boolean));
  return [...names]
    .filter((name) => texts.some((text) => text.endsWith(calledAs(name))))
    .sort((a, b) => a.localeCompare(b, 'en'))
    .map((name) => {
      const own = bottles
        .filter(({ drinkName }) => calledAs(drinkName) === calledAs(name))
        .sort((a, b) => a.useBy.localeCompare(b.useBy));
      const left_mL = own.reduce((sum, { remaining_mL }) => sum + remaining_mL, 0);
      const [first = null] = own;
      const left = first
        ? `${own.length} ${own.length === 1 ? 'bottle' : 'bottles'}, ${showVolume(left_mL)}`
        : 'none on the shelf';
      return { name, left, first };
    });
}
