import type { DrinkRecord } from '@wellhydra/contract';
import type { DrinkDocument, DrinkKind } from '@wellhydra/core/drink';
import type { TakenOut } from '@wellhydra/core/stores';
import type { LyingBand } from '../../ui/lying-box';
import type { Drafts } from '../../domain/drinks/drafts';
import { KIND_NAMES } from '../../domain/drinks/kinds';

/** A drink as a line of the list. */
export interface DrinkLine {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  /** "1.22 L · 6.7 × 180 mL". */
  readonly size: string;
  readonly summary: string;
  readonly warning: string | null;
  readonly stream: readonly LyingBand[];
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

/** What a drink comes to, in a line: computed by core in a worker, after the list stands. */
export interface DrinkFigures extends Omit<DrinkLine, 'id' | 'name' | 'kind'> {
  /** What it takes out of the house; null where that is not known. */
  readonly takes: TakenOut | null;
}
/** What is known of a drink by now. */
export type FiguresOf = (document: DrinkDocument) => DrinkFigures | undefined;

/** A line before it is reckoned: nothing is said that is not known. */
const NO_FIGURES: DrinkFigures = {
  size: ' ',
  summary: ' ',
  warning: null,
  stream: [],
  spoken: 'Not worked out yet',
  takes: null,
};

const matches = (document: DrinkDocument, words: readonly string[]): boolean => {
  const text = [document.name, KIND_NAMES[document.kind as DrinkKind], ...document.steps.map((step) => step.text)]
    .join(' ')
    .toLowerCase();
  return words.every((word) => text.includes(word));
};

/** The list of drinks by kind, those that match a search; without figures where they are not reckoned yet. */
export function drinkGroups(
  documents: readonly { readonly id: string; readonly document: DrinkDocument }[],
  search: string,
  figuresOf: FiguresOf,
): readonly DrinkGroup[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const lines = documents
    .filter(({ document }) => matches(document, words))
    .map(({ id, document }) => ({
      id,
      name: document.name || 'Unnamed drink',
      kind: KIND_NAMES[document.kind as DrinkKind] ?? document.kind,
      ...(figuresOf(document) ?? NO_FIGURES),
    }));
  return Object.values(KIND_NAMES)
    .map((name) => ({
      kind: name,
      lines: lines
        .filter((line) => line.kind === name)
        .sort((a, b) => a.name.localeCompare(b.name, undefined, { numeric: true })),
    }))
    .filter((group) => group.lines.length > 0);
}

/** A row of the list: a drink under its kind, or as many drinks beside each other as there is room for. */
export interface DrinksRow {
  readonly key: string;
  /** The kind that begins here, where each has a part of its own. */
  readonly heading: string | null;
  readonly lines: readonly DrinkLine[];
}

/** The list as rows: by kind where one stands below the other, without a gap between kinds where they stand beside. */
export function drinkRows(groups: readonly DrinkGroup[], columns: number): readonly DrinksRow[] {
  if (columns === 1)
    return groups.flatMap(({ kind, lines }) =>
      lines.map((line, index) => ({ key: line.id, heading: index === 0 ? kind : null, lines: [line] })),
    );
  const all = groups.flatMap(({ lines }) => lines);
  const rows = Math.ceil(all.length / columns);
  return Array.from({ length: rows }, (_row, index) => {
    const lines = all.slice(index * columns, (index + 1) * columns);
    return { key: lines[0]!.id, heading: null, lines };
  });
}
