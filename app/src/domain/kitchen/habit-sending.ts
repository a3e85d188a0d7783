import { oneByOne, type Sender } from '../../state/sync/send-queue';
import { kitchenApi } from './kitchen-endpoints';

/** What is done about what a kitchen has learned, as it waits to be sent. */
export interface HabitDeeds {
  readonly 'habits-forgotten': { readonly at: string };
}

export const HABIT_SENDERS: Readonly<Record<keyof HabitDeeds, Sender>> = {
  'habits-forgotten': oneByOne<HabitDeeds['habits-forgotten']>((body, dispatch) =>
    dispatch(kitchenApi.endpoints.resetHabits.initiate(body)),
  ),
};
