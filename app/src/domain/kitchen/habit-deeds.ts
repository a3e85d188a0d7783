import type { HabitsRecord } from '@wellhydra/contract';
import { enqueued } from '../../state/sync/queue';
import type { Store } from '../store';
import type { HabitDeeds } from './habit-sending';
import { kitchenApi } from './kitchen-endpoints';

export interface HabitDeed {
  readonly kind: keyof HabitDeeds;
  readonly body: HabitDeeds['habits-forgotten'];
}

/** What a kitchen knows of itself once it has forgotten; what was read since stands in the next answer of the server. */
export const forgotten = (_learned: HabitsRecord, { body: { at } }: HabitDeed): HabitsRecord => ({
  habits: {},
  curves: [],
  brews: 0,
  since: at,
});

/** Begins to learn anew, from now on: at once here, and for the kitchen as soon as it can be sent. */
export const habitsForgotten =
  (now: Date) =>
  (dispatch: Store['dispatch']): void => {
    const deed: HabitDeed = { kind: 'habits-forgotten', body: { at: now.toISOString() } };
    dispatch(
      kitchenApi.util.updateQueryData(
        'getHabits',
        undefined,
        (habits) => forgotten(habits as HabitsRecord, deed) as never,
      ),
    );
    dispatch(enqueued({ id: crypto.randomUUID(), ...deed, about: 'What the kitchen has learned', lane: 'habits' }));
  };
