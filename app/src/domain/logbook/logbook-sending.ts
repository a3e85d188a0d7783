import type { Tasting } from '@wellhydra/contract';
import type { Entry } from '../../state/sync/queue';
import type { SendDispatch, Sender } from '../../state/sync/send-queue';
import { logbookApi } from './logbook-endpoints';

/** What is written into the logbook, as it waits to be sent. */
export interface LogbookDeeds {
  readonly 'brew-noted': { readonly id: string; readonly note: string };
  readonly tasted: Tasting & { readonly id: string; readonly tastingId: string };
  readonly 'tasting-forgotten': { readonly id: string; readonly tastingId: string };
}

const { noteBrew, noteTasting, forgetTasting } = logbookApi.endpoints;
const sender = <Kind extends keyof LogbookDeeds>(
  send: (body: LogbookDeeds[Kind], dispatch: SendDispatch) => Promise<{ readonly error?: unknown }>,
): Sender => ({
  send: async ([entry], dispatch) => (await send((entry as Entry).body as LogbookDeeds[Kind], dispatch)).error,
});

export const LOGBOOK_SENDERS: Readonly<Record<keyof LogbookDeeds, Sender>> = {
  'brew-noted': sender<'brew-noted'>((body, dispatch) => dispatch(noteBrew.initiate(body))),
  tasted: sender<'tasted'>((body, dispatch) => dispatch(noteTasting.initiate(body))),
  'tasting-forgotten': sender<'tasting-forgotten'>((body, dispatch) => dispatch(forgetTasting.initiate(body))),
};
