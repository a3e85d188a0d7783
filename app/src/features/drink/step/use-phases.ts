import type { Analysis } from '@wellhydra/core/analyse';
import { useCallback, useMemo, useState } from 'react';
import { FOLDS_FROM, phasesOf, type PhaseName } from './phases';
import type { StepView } from './steps-view';

/** A phase as it stands in the list: its steps by id. */
export interface StandingPhase {
  readonly name: PhaseName;
  readonly ids: readonly string[];
  readonly folded: boolean;
}

/** Where a step is drawn: in a row of its own, or as its share of the heading of a phase that is folded. */
export interface StandingRow {
  readonly row: string;
  readonly share: number;
  readonly folded: boolean;
}

/** A row for each step; those of a folded phase share the row that its heading is in. */
export function standingRows(ids: readonly string[], phases: readonly StandingPhase[]): readonly StandingRow[] {
  if (phases.length === 0) return ids.map((row) => ({ row, share: 1, folded: false }));
  return phases.flatMap(({ ids: among, folded }) =>
    among.map((row) => (folded ? { row: among[0]!, share: 1 / among.length, folded } : { row, share: 1, folded })),
  );
}

/** The phases of a long drink; a short one has none. The one in which a step is edited is open. */
export function usePhases(batch: readonly StepView[], analysis: Analysis, editing: string | null) {
  // A key that changes no phase changes nothing here.
  const written = useMemo(
    () =>
      batch.length < FOLDS_FROM
        ? '[]'
        : JSON.stringify(
            phasesOf(batch, analysis).map(({ name, steps }) => ({ name, ids: steps.map(({ id }) => id) })),
          ),
    [batch, analysis],
  );
  const [closed, setClosed] = useState<ReadonlySet<number>>(new Set());
  const phases = useMemo(
    () =>
      (JSON.parse(written) as Omit<StandingPhase, 'folded'>[]).map((phase, at): StandingPhase => ({
        ...phase,
        folded: closed.has(at) && !(editing !== null && phase.ids.includes(editing)),
      })),
    [written, closed, editing],
  );
  const fold = useCallback(
    (at: number, folded: boolean) =>
      setClosed((before) => new Set(folded ? [...before, at] : [...before].filter((each) => each !== at))),
    [],
  );
  const count = phases.length;
  const foldAll = useCallback(
    (folded: boolean) => setClosed(new Set(folded ? Array.from({ length: count }, (_, at) => at) : [])),
    [count],
  );
  return { phases, fold, foldAll };
}
