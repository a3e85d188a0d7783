import type { DrinkDocument } from '@wellhydra/core/drink';
import { BAND_NAMES } from '../../ui/bands';
import { analyseDocument } from '../drink/analyse-draft';
import { sensible, yieldWords } from '../drink/figures/figures-view';
import { barParts } from '../drink/stream/pot-bands';
import type { DrinkFigures } from './drinks-view';

/** A thousand drinks are run once each, not at every key of a search. */
const known = new WeakMap<DrinkDocument, DrinkFigures>();

/** What a drink comes to, for its line in the list. */
export function figuresOf(document: DrinkDocument): DrinkFigures {
  const figures = known.get(document) ?? computeFigures(document);
  known.set(document, figures);
  return figures;
}

function computeFigures(document: DrinkDocument): DrinkFigures {
  const analysis = analyseDocument(document);
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
