import type { Filling, Place } from '@wellhydra/contract';
import type { Analysis } from '@wellhydra/core/analyse';
import type { DrawnOff } from '@wellhydra/core/brew';
import { placesByKeeping, type Keeping } from '@wellhydra/core/keeping';
import { formatNumber } from '@wellhydra/core/quantity';
import { useState } from 'react';
import { fillBottles, suggestBottles, type BottleRow, type FilledBottles, type Rest } from './fill-bottles';

/** What is filled: what is left in the end, or what was drawn off at a step on the way. */
export interface ToFill {
  /** The step at which it was drawn off; null of what is left in the end. */
  readonly draw: string | null;
  readonly analysis: Analysis;
}

/** What was drawn off on the way, and what is left in the end. */
export const partsToFill = (analysis: Analysis, drawn: readonly DrawnOff[]): readonly ToFill[] => [
  ...drawn.map(({ step, analysis: each }) => ({ draw: step, analysis: each })),
  { draw: null, analysis },
];

/** What a liquid or a dry mix fills, as it is being said. */
export interface PartForm extends ToFill {
  readonly rows: readonly BottleRow[];
  readonly place: Place;
  /** A place of the kitchen's own. */
  readonly spot: string | null;
  readonly filled: FilledBottles;
  /** What becomes of what no bottle takes, once it is said. */
  readonly rest: Rest | null;
  readonly dry: boolean;
  readonly keeping: Keeping | null;
  readonly setRows: (rows: readonly BottleRow[]) => void;
  readonly setPlace: (place: Place, spot?: string | null) => void;
  readonly setRest: (rest: Rest) => void;
}

export interface BottleFormState {
  readonly parts: readonly PartForm[];
  /** Who drinks at once what is drunk at once, by id. */
  readonly drunkBy: readonly string[];
  readonly setDrunkBy: (ids: readonly string[]) => void;
  /** Everything that has to be said is said. */
  readonly complete: boolean;
  /** Why it is not complete. */
  readonly lacks: string | null;
}

/** What somebody has said of a part so far. */
interface Said {
  readonly rows?: readonly BottleRow[];
  readonly where?: { readonly place: Place; readonly spot: string | null };
  readonly rest?: Rest;
}

/** What would fit, before anything is said. */
function suggestedRows({ draw, analysis }: ToFill): readonly BottleRow[] {
  const { liquid, trace } = analysis;
  if (!liquid) return [{ count: '1', size: `${formatNumber(trace.pot.mass_g)} g` }];
  const named = draw === null ? trace.entries.findLast(({ filled }) => filled !== undefined)?.filled : undefined;
  return [suggestBottles(liquid.volume_mL, named)];
}

function partForm(part: ToFill, said: Said, say: (by: Said) => void): PartForm {
  const { analysis } = part;
  const { keeping, liquid, trace } = analysis;
  const dry = liquid === null;
  const rows = said.rows ?? suggestedRows(part);
  const { place, spot } = said.where ?? { place: keeping ? placesByKeeping(keeping)[0]!.place : 'fridge', spot: null };
  return {
    ...part,
    rows,
    place,
    spot,
    filled: fillBottles(rows, liquid?.volume_mL ?? trace.pot.mass_g, dry),
    rest: said.rest ?? null,
    dry,
    keeping,
    setRows: (next) => say({ rows: next }),
    setPlace: (next, own = null) => say({ where: { place: next, spot: own } }),
    setRest: (rest) => say({ rest }),
  };
}

/** What a brew fills, as it is being said; it begins with what would fit. */
export function useBottleForm(toFill: readonly ToFill[]): BottleFormState {
  const [said, setSaid] = useState<Readonly<Record<string, Said>>>({});
  const [drunkBy, setDrunkBy] = useState<readonly string[]>([]);
  const parts = toFill.map((part) => {
    const key = part.draw ?? '';
    return partForm(part, said[key] ?? {}, (by) => setSaid({ ...said, [key]: { ...said[key], ...by } }));
  });
  const complete = parts.every(
    ({ filled, rest }) => filled.kind === 'bottles' && (filled.rest_mL === 0 || rest !== null),
  );
  const lacks = complete ? null : 'Say for each bottle what it is and how much is in it';
  return { parts, drunkBy, setDrunkBy, complete, lacks };
}

/** What of the end is drunk or tasted at once, mL. */
const restAs = ({ draw, filled, rest }: PartForm, as: Rest): number =>
  draw === null && rest === as && filled.kind === 'bottles' ? filled.rest_mL : 0;

/** What is filled as it crosses to the server. */
export function fillingOf({ parts, drunkBy }: BottleFormState): Filling {
  const bottles = parts.flatMap(({ draw, filled, place, spot }) =>
    filled.kind !== 'bottles'
      ? []
      : filled.volumes_mL.map((volume_mL, index) => {
          const vessel = filled.vessels[index];
          return {
            id: crypto.randomUUID(),
            volume_mL,
            place,
            ...(spot ? { spot } : {}),
            ...(vessel ? { vessel } : {}),
            ...(draw === null ? {} : { draw }),
          };
        }),
  );
  const sum = (as: Rest) => parts.reduce((all, part) => all + restAs(part, as), 0);
  const [drunk_mL, tasted_mL] = [sum('drunk'), sum('tasted')];
  return {
    bottles,
    ...(drunk_mL > 0 ? { drunk_mL, ...(drunkBy.length > 0 ? { drunkBy } : {}) } : {}),
    ...(tasted_mL > 0 ? { tasted_mL } : {}),
  };
}
