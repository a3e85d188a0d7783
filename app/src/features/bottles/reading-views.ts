import type { BrewEvent, BrewRecipe, ReadQuantity } from '@wellhydra/core/brew';
import { brewState } from '@wellhydra/core/brew';
import { quantityWords } from '../../domain/brews/reading-words';
import { QUANTITIES } from '../../domain/brews/step-guide';
import { momentWords } from '../../domain/words/moment-words';
import { stepTitle } from '../../domain/words/step-words';

/** Something that was read off while a drink was made. */
export interface ReadingView {
  readonly id: string;
  /** "Strength 31 °Brix". */
  readonly words: string;
  /** At which step, and when. */
  readonly where: string;
}

const worded = (quantity: ReadQuantity, value: number): string =>
  [quantity === 'pH' ? '' : QUANTITIES[quantity].label, quantityWords(quantity, value)].filter(Boolean).join(' ');

/** What was read off a brew and not taken back, the first of it first. */
export function readingViews(
  { document }: Pick<BrewRecipe, 'document'>,
  events: readonly BrewEvent[],
  now: Date,
): readonly ReadingView[] {
  const titles = new Map(document.steps.map((step) => [step.id, stepTitle(step)]));
  return [...brewState(events).readings]
    .sort((a, b) => a.at.localeCompare(b.at))
    .map(({ id, step, quantity, value, at }) => ({
      id,
      words: worded(quantity, value),
      where: [titles.get(step), momentWords(new Date(at), now)].filter(Boolean).join(' · '),
    }));
}
