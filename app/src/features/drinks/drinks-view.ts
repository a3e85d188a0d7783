import type { DrinkRecord } from '@wellhydra/contract';
import type { DrinkDocument, DrinkKind } from '@wellhydra/core/drink';
import { BAND_NAMES } from '../../ui/bands';
import type { BarPart } from '../../ui/composition-bar';
import { analyseDocument } from '../drink/analyse-draft';
import type { Drafts } from '../drink/drafts';
import { sensible, yieldWords } from '../drink/figures-view';
import { barParts } from '../drink/pot-bands';
import { KIND_NAMES } from './kinds';

/** A drink as a line of the list. */
export interface DrinkLine {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly summary: string;
  readonly warning: string | null;
  readonly parts: readonly BarPart[];
  readonly spoken: string;
}

export interface DrinkGroup {
  readonly kind: string;
  readonly lines: readonly DrinkLine[];
}

/** What is stored, with what was typed here since in its place, and drinks that were never sent. */
export function currentDocuments(
  records: readonly DrinkRecord[],
  drafts: Drafts,
): readonly { readonly id: string; readonly document: DrinkDocument }[] {
  const known = new Set(records.map(({ id }) => id));
  const unsent = Object.values(drafts).filter(({ id, revision }) => revision === 0 && !known.has(id));
  return [
    ...unsent.map(({ id, mine }) => ({ id, document: mine })),
    ...records.map(({ id, document }) => ({ id, document: drafts[id]?.unsent ? drafts[id].mine : document })),
  ];
}

/** A thousand drinks are run once each, not at every key of a search. */
const known = new WeakMap<DrinkDocument, Omit<DrinkLine, 'id'>>();

function lineOf(id: string, document: DrinkDocument): DrinkLine {
  const line = known.get(document) ?? computeLine(document);
  known.set(document, line);
  return { id, ...line };
}

function computeLine(document: DrinkDocument): Omit<DrinkLine, 'id'> {
  const analysis = analyseDocument(document);
  const { total, servings } = yieldWords(analysis);
  const parts = barParts(analysis.trace.pot);
  const stop = analysis.cautions.find(({ severity, code }) => severity === 'stop' && code !== 'honey-under-12-months');
  const unread = analysis.problems.length;
  return {
    name: document.name || 'Unnamed drink',
    kind: document.kind,
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

const matches = (document: DrinkDocument, words: readonly string[]): boolean => {
  const text = [document.name, KIND_NAMES[document.kind as DrinkKind], ...document.steps.map((step) => step.text)]
    .join(' ')
    .toLowerCase();
  return words.every((word) => text.includes(word));
};

/** The list of drinks by kind, those that match a search. */
export function drinkGroups(
  documents: readonly { readonly id: string; readonly document: DrinkDocument }[],
  search: string,
): readonly DrinkGroup[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const lines = documents
    .filter(({ document }) => matches(document, words))
    .map(({ id, document }) => lineOf(id, document));
  return (Object.entries(KIND_NAMES) as [DrinkKind, string][])
    .map(([kind, name]) => ({
      kind: name,
      lines: lines
        .filter((line) => line.kind === kind)
        .sort((a, b) => a.name.localeCompare(b.name, undefined, { numeric: true })),
    }))
    .filter((group) => group.lines.length > 0);
}
