import type { BottleRecord } from '@wellhydra/contract';
import { useState, type ReactNode } from 'react';
import { pourTakenBack, pouredFrom, type Glass } from '../../../domain/bottles/bottle-deeds';
import { usePeople } from '../../../domain/people/use-people';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { measure, nextPour_mL } from '../bottles-view';
import { NobodySheet } from './nobody-sheet';
import { PourSheet, type PouredGlass } from './pour-sheet';
import { bottleAsks } from './pour-view';

/** For whom, and how much, where that was said before. */
interface Wanted {
  readonly personId?: string;
  readonly amount?: string;
}

interface Pouring {
  /**
   * Asks who drinks it, and pours; where it is known that the kitchen has named nobody, a serving at once unless the
   * bottle carries a stop.
   */
  readonly pour: (bottle: BottleRecord, wanted?: Wanted) => void;
  /** What is asked, to be drawn on the page; null while nothing is. */
  readonly question: ReactNode;
}

/** Pours from a bottle, with or without a network, and offers to take it back. */
export function usePour(): Pouring {
  const dispatch = useAppDispatch();
  const { rows, known } = usePeople();
  const [asked, setAsked] = useState<{ readonly bottle: BottleRecord; readonly wanted: Wanted } | null>(null);
  const names = new Map(rows.map(({ id, person }) => [id, person.name]));

  const take = (bottle: BottleRecord, poured: readonly PouredGlass[]) => {
    const glasses = poured.map((glass): Glass => ({ ...glass, pourId: crypto.randomUUID() }));
    for (const glass of glasses) dispatch(pouredFrom(bottle, glass));
    const all = glasses.reduce((sum, { volume_mL }) => sum + volume_mL, 0);
    const drinkers = glasses.flatMap(({ personId }) => names.get(personId ?? '') ?? []);
    const forWhom = drinkers.length > 0 ? ` for ${drinkers.join(', ')}` : '';
    const back = () => glasses.forEach((glass) => dispatch(pourTakenBack(bottle, glass)));
    dispatch(
      noticeRaised({
        text: `Poured ${measure(bottle, all)} of ${bottle.drinkName}${forWhom}`,
        action: { label: 'Undo', run: keepAction(back) },
      }),
    );
  };
  const serving = (bottle: BottleRecord): readonly PouredGlass[] => [
    { volume_mL: nextPour_mL(bottle), personId: null, additions: [], at: new Date() },
  ];
  const close = () => setAsked(null);
  const done = (bottle: BottleRecord, glasses: readonly PouredGlass[]) => {
    close();
    take(bottle, glasses);
  };
  // It is never taken that there is nobody only because nothing has been answered yet.
  const atOnce = (bottle: BottleRecord) =>
    known === 'known' && rows.length === 0 && bottleAsks(bottle, new Date()).length === 0;
  return {
    pour: (bottle, wanted = {}) => (atOnce(bottle) ? take(bottle, serving(bottle)) : setAsked({ bottle, wanted })),
    question: !asked ? null : rows.length > 0 ? (
      <PourSheet
        bottle={asked.bottle}
        forPerson={asked.wanted.personId}
        amount={asked.wanted.amount}
        onClose={close}
        onPour={(glasses) => done(asked.bottle, glasses)}
      />
    ) : (
      <NobodySheet
        bottle={asked.bottle}
        known={known}
        onClose={close}
        onPour={() => done(asked.bottle, serving(asked.bottle))}
      />
    ),
  };
}
