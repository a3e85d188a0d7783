/** Every migration in the order it landed. Append only: what has landed is never edited. */
import type { Migration } from './migration';
import { migration as kitchensDrinksBottles } from './001-kitchens-drinks-bottles';
import { migration as settingsAndVersions } from './002-settings-and-versions';
import { migration as brewEvents } from './003-brew-events';
import { migration as habits } from './004-habits';
import { migration as devices } from './005-devices';
import { migration as kitchenLeads } from './006-kitchen-leads';
import { migration as visitors } from './007-visitors';
import { migration as plans } from './008-plans';
import { migration as bottlesTell } from './009-bottles-tell';
import { migration as people } from './010-people';
import { migration as drawOffs } from './011-draw-offs';
import { migration as stores } from './012-stores';
import { migration as logbook } from './013-logbook';
import { migration as shopping } from './014-shopping';
import { migration as photos } from './015-photos';
import { migration as bottlesUsed } from './016-bottles-used';
import { migration as archives } from './017-archives';
import { migration as membersMigration } from './018-members';
import { migration as passwordResets } from './019-password-resets';
import { migration as drinkers } from './020-drinkers';
import { migration as peopleLock } from './021-people-lock';
import { migration as partitions } from './022-partitions';

export const MIGRATIONS: readonly Migration[] = [
  kitchensDrinksBottles,
  settingsAndVersions,
  brewEvents,
  habits,
  devices,
  kitchenLeads,
  visitors,
  plans,
  bottlesTell,
  people,
  drawOffs,
  stores,
  logbook,
  shopping,
  photos,
  bottlesUsed,
  archives,
  membersMigration,
  passwordResets,
  drinkers,
  peopleLock,
  partitions,
];
