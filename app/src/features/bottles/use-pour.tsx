import type { BottleRecord } from '@wellhydra/contract';
import { useState, type ReactNode } from 'react';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { keepAction } from '../../state/undo-actions';
import { pourTakenBack, pouredFrom } from '../../domain/bottles/bottle-deeds';
import { bySeverity } from '../../domain/drinks/cautions-view';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { StopNote } from '../../ui/stop-note';
import { bottleView, nextPour_mL } from './bottles-view';

interface Pouring {
  /** Pours a serving; asks first where the bottle carries a stop. */
  readonly pour: (bottle: BottleRecord) => void;
  /** The question, to be drawn on the page; null while nothing is asked. */
  readonly question: ReactNode;
}

/** Pours a serving from a bottle, with or without a network, and offers to take it back. */
export function usePour(): Pouring {
  const dispatch = useAppDispatch();
  const [asked, setAsked] = useState<BottleRecord | null>(null);
  const take = (bottle: BottleRecord) => {
    const now = new Date();
    const pour = { pourId: crypto.randomUUID(), volume_mL: nextPour_mL(bottle) };
    dispatch(pouredFrom(bottle, { ...pour, at: now }));
    const poured = bottleView(bottle, now).pourLabel.replace('Pour ', '');
    dispatch(
      noticeRaised({
        text: `Poured ${poured} of ${bottle.drinkName}`,
        action: { label: 'Undo', run: keepAction(() => void dispatch(pourTakenBack(bottle, pour))) },
      }),
    );
  };
  const stops = asked ? bySeverity(asked.cautions).stops : [];
  return {
    pour: (bottle) => (bySeverity(bottle.cautions).stops.length > 0 ? setAsked(bottle) : take(bottle)),
    question: asked ? (
      <Sheet title={`Pour ${asked.drinkName}?`} open onClose={() => setAsked(null)}>
        {stops.map(({ title, text }) => (
          <StopNote key={title} title={title} text={text} />
        ))}
        <Button label="Leave it" size="large" onPress={() => setAsked(null)} />
        <Button
          label="Pour it all the same"
          kind="plain"
          size="large"
          onPress={() => {
            setAsked(null);
            take(asked);
          }}
        />
      </Sheet>
    ) : null,
  };
}
