import type { Entry } from '../../state/sync/queue';
import type { Sender } from '../../state/sync/send-queue';
import { brewsApi } from './brew-endpoints';
import { progressArrived, runArrived, waitingOf, type Waiting } from './brews';

const MOST_EVENTS = 100;

const of = <Kind extends Waiting['kind']>(entry: Entry) => waitingOf(entry) as Extract<Waiting, { kind: Kind }>;

/** How what happens to brews is sent; events of one brew that follow each other travel together. */
export const BREW_SENDERS: Readonly<Record<string, Sender>> = {
  'brew-start': {
    send: async ([entry], dispatch) => {
      const { brew: id, body } = of<'start'>(entry!);
      const { data, error } = await dispatch(brewsApi.endpoints.startRun.initiate({ id, ...body }));
      if (data) dispatch(runArrived(data));
      return error;
    },
  },
  'brew-event': {
    together: MOST_EVENTS,
    send: async (entries, dispatch) => {
      const waiting = entries.map((entry) => of<'event'>(entry));
      const events = waiting.map(({ body }) => body);
      const { data, error } = await dispatch(brewsApi.endpoints.postEvents.initiate({ id: waiting[0]!.brew, events }));
      if (data) dispatch(progressArrived(data));
      return error;
    },
  },
  'brew-finish': {
    send: async ([entry], dispatch) => {
      const { brew: id, body } = of<'finish'>(entry!);
      return (await dispatch(brewsApi.endpoints.finishRun.initiate({ id, ...body }))).error;
    },
  },
};
