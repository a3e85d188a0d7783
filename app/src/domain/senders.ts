import { sendWith } from '../state/sync/send-queue';
import { SESSION_SENDERS } from './accounts/session-sending';
import { BOTTLE_SENDERS } from './bottles/bottle-sending';
import { LABEL_SENDERS } from './bottles/label-sending';
import { BREW_SENDERS } from './brews/brew-sending';
import { DRINK_SENDERS } from './drinks/drink-sending';
import { HABIT_SENDERS } from './kitchen/habit-sending';
import { MEMBER_SENDERS } from './kitchen/member-sending';
import { LOGBOOK_SENDERS } from './logbook/logbook-sending';
import { LOT_SENDERS } from './stores/lot-sending';

/** How everything that waits is sent; what is done in a new part of a kitchen is named here. */
sendWith({
  ...DRINK_SENDERS,
  ...BREW_SENDERS,
  ...BOTTLE_SENDERS,
  ...LABEL_SENDERS,
  ...LOT_SENDERS,
  ...LOGBOOK_SENDERS,
  ...HABIT_SENDERS,
  ...MEMBER_SENDERS,
  ...SESSION_SENDERS,
});
