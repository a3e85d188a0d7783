import type { LogbookBrew } from '@wellhydra/contract';
import { showWaiting } from '../../state/sync/answers';
import { logbookApi } from './logbook-endpoints';
import { LOGBOOK_SENDERS } from './logbook-sending';
import { brewAfter, type LogbookDeed } from './logbook-waiting';

/** Shows what waits to be sent of the logbook over every answer of the server. */
showWaiting<LogbookDeed, LogbookBrew, string>(logbookApi.endpoints.getLogbookBrew, LOGBOOK_SENDERS, (brew, deeds) =>
  deeds.reduce(brewAfter, brew),
);
