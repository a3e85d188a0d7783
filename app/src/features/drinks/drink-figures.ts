import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { BAND_NAMES } from '../../ui/bands';
import { analyseDocument, usesOthers } from '../drink/analyse-draft';
import { sensible } from '../drink/figures/figures-view';
import { yieldWords } from '../drink/figures/yield-words';
import { barParts } from '../drink/stream/pot-bands';
import { runContext, type RunContext } from '../kitchen/run-context';
import type { DrinkFigures, FiguresOf } from './drinks-view';

interface Known {
  readonly settings: KitchenSettings;
  readonly figures: DrinkFigures;
}

/** A thousand drinks are run once each, not at every key of a search, nor when one of them is saved. */
const known = new WeakMap<DrinkDocument, Known>();

/** What each drink of a kitchen comes to, for its line in the list: run with what the kitchen has and its other drinks. */
export function figuresIn(settings: KitchenSettings | null, documents: readonly DrinkDocument[]): FiguresOf {
  const context = runContext(settings, documents);
  return (document) => {
    const before = known.get(document);
    if (before?.settings === context.settings && !usesOthers(document)) return before.figures;
    const figures = computeFigures(document, context);
    known.set(document, { settings: context.settings, figures });
    return figures;
  };
}

function computeFigures(document: DrinkDocument, context: RunContext): DrinkFigures {
  const analysis = analyseDocument(document, context);
  const { total, servings } = yieldWords(analysis);
  const parts = barParts(analysis.trace.pot);
  const stop = analysis.cautions.find(({ severity, code }) => severity === 'stop' && code !== 'honey-under-12-months');
  const unread = analysis.problems.length;
  return {
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
