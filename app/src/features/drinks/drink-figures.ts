import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { takenOutOf } from '@wellhydra/core/stores';
import { BAND_NAMES } from '../../ui/bands';
import { analyseDocument } from '../../domain/run/analyse-document';
import { runContext } from '../../domain/run/run-context';
import { yieldWords } from '../../domain/words/yield-words';
import { sensible } from '../drink/figures/figures-view';
import { barParts } from '../drink/stream/pot-bands';
import type { DrinkFigures } from './drinks-view';

/** A drink of the list, with what it is run with. */
export interface FiguresQuestion {
  readonly document: DrinkDocument;
  readonly settings: KitchenSettings | null;
  /** Drinks it is made of. */
  readonly others: readonly DrinkDocument[];
}

/** What a drink comes to, for its line in the list; runs in the worker, and in place where there is none. */
export function drinkFigures({ document, settings, others }: FiguresQuestion): DrinkFigures {
  const analysis = analyseDocument(document, runContext(settings, others));
  const { total, servings } = yieldWords(analysis);
  const parts = barParts(analysis.trace.pot);
  const stop = analysis.cautions.find(({ severity, code }) => severity === 'stop' && code !== 'honey-under-12-months');
  const unread = analysis.problems.length;
  return {
    takes: takenOutOf(analysis.trace),
    summary: `${total} · ${servings} × ${analysis.serving?.text ?? document.serving} · ${sensible(analysis.perServing.sugars_g)} g sugars, ${sensible(analysis.perServing.sodium_mg)} mg sodium each`,
    warning: stop
      ? stop.title
      : unread > 0
        ? `${unread} ${unread === 1 ? 'step is' : 'steps are'} not understood`
        : null,
    parts,
    spoken:
      parts.length === 0
        ? 'Nothing in it yet'
        : `Made of ${parts.map(({ band, share }) => `${Math.max(1, Math.round(100 * share))} % ${BAND_NAMES[band]}`).join(', ')}`,
  };
}
