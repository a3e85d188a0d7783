import type { HabitsRecord } from '@wellhydra/contract';
import { showWaiting } from '../../state/sync/answers';
import { forgotten, type HabitDeed } from './habit-deeds';
import { HABIT_SENDERS } from './habit-sending';
import { kitchenApi } from './kitchen-endpoints';

/** What was learned is forgotten here before the server has heard of it. */
showWaiting<HabitDeed, HabitsRecord, void>(kitchenApi.endpoints.getHabits, HABIT_SENDERS, (habits, deeds) =>
  deeds.reduce(forgotten, habits),
);
