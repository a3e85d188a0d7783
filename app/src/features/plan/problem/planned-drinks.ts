import type { BottleRecord } from '@wellhydra/contract';
import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { analyseDocument } from '../../../domain/run/analyse-document';
import { usedDocuments } from '../../../domain/run/used-documents';
import type { RunContext } from '../../../domain/run/run-context';
import type { DrinkRequest } from '@wellhydra/contract';

const MINUTE_ms = 60_000;

/** A drink of the kitchen that can be planned. */
export interface PlannableDrink {
  readonly id: string;
  readonly document: DrinkDocument;
}

export type OnShelf = Pick<BottleRecord, 'drinkName' | 'place' | 'remaining_mL' | 'volume_mL'>;

export interface PlannedDrink {
  readonly request: DrinkRequest;
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  /** The drink it is made for, where nobody has asked for it by itself. */
  readonly goesInto: string | null;
}

/** Preparations that stand on no shelf and that nobody has planned: each once, wanted when what it goes into is begun. */
function preparationsOf(
  wanted: readonly PlannedDrink[],
  drinks: readonly PlannableDrink[],
  context: RunContext,
  shelf: readonly OnShelf[],
): readonly PlannedDrink[] {
  const there = new Set(shelf.filter(({ remaining_mL }) => remaining_mL > 0).map(({ drinkName }) => drinkName));
  const taken = new Set([...there, ...wanted.map(({ document }) => document.name)]);
  return wanted.flatMap(({ request, document, analysis }) =>
    usedDocuments(document, context.documents).flatMap((used): PlannedDrink[] => {
      const drinkId = drinks.find((each) => each.document === used)?.id;
      if (drinkId === undefined || taken.has(used.name)) return [];
      taken.add(used.name);
      const own = analyseDocument(used, context);
      if (own.trace.entries.length === 0) return [];
      const readyBy = new Date(Date.parse(request.readyBy) - analysis.trace.total_min * MINUTE_ms).toISOString();
      return [
        {
          request: { id: `${request.id} ${drinkId}`, drinkId, readyBy, pinned: null, agreed: null },
          document: used,
          analysis: own,
          goesInto: document.name,
        },
      ];
    }),
  );
}

/**
 * What is wanted and what has to be made for it, run once each; what cannot be made or is gone is left out.
 *
 * @param shelf bottles: a preparation that stands there is not made
 */
export function plannedDrinks(
  requests: readonly DrinkRequest[],
  drinks: readonly PlannableDrink[],
  context: RunContext,
  shelf: readonly OnShelf[],
): readonly PlannedDrink[] {
  const wanted = requests.flatMap((request): PlannedDrink[] => {
    const document = drinks.find(({ id }) => id === request.drinkId)?.document;
    if (!document) return [];
    const analysis = analyseDocument(document, context);
    return analysis.trace.entries.length > 0 ? [{ request, document, analysis, goesInto: null }] : [];
  });
  return [...wanted, ...preparationsOf(wanted, drinks, context, shelf)];
}
