import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { takenOutOf } from '@wellhydra/core/stores';
import { BAND_NAMES } from '../../ui/bands';
import { analyseDocument } from '../../domain/run/analyse-document';
import { runContext } from '../../domain/run/run-context';
import { yieldWords } from '../../domain/words/yield-words';
import { sensible } from '../drink/figures/figures-view';
import { lyingStream } from '../drink/stream/lying-stream';
import { potShares } from '../drink/stream/pot-bands';
import type { DrinkFigures } from './drinks-view';

/** A drink of the list, with what it is run with. */
export interface FiguresQuestion {
  readonly document: DrinkDocument;
  readonly settings: KitchenSettings | null;
  /** Drinks it is made of. */
  readonly others: readonly DrinkDocument[];
}

/** Less than this is nothing to anybody who looks over a list. */
const UNSEEN = 0.05;
const seen = (value: number): string => (value < UNSEEN ? '0' : sensible(value));

/** What a drink comes to, for its line in the list; runs in the worker, and in place where there is none. */
export function drinkFigures({ document, settings, others }: FiguresQuestion): DrinkFigures {
  const analysis = analyseDocument(document, runContext(settings, others));
  const { total, servings } = yieldWords(analysis);
  const parts = potShares(analysis.trace.pot);
  const stop = analysis.cautions.find(({ severity, code }) => severity === 'stop' && code !== 'honey-under-12-months');
  const unread = analysis.problems.length;
  return {
    takes: takenOutOf(analysis.trace),
    size: `${total} · ${servings} × ${analysis.serving?.text ?? document.serving}`,
    summary: `${seen(analysis.perServing.sugars_g)} g sugars, ${seen(analysis.perServing.sodium_mg)} mg sodium`,
    warning: stop
      ? stop.title
      : unread > 0
        ? `${unread} ${unread === 1 ? 'step is' : 'steps are'} not understood`
        : null,
    stream: lyingStream(analysis),
    spoken:
      parts.length === 0
        ? 'Nothing in it yet'
        : `Made of ${parts.map(({ band, share }) => `${Math.max(1, Math.round(100 * share))} % ${BAND_NAMES[band]}`).join(', ')}`,
  };
}
