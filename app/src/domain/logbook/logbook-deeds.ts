import type { LogbookBrew, Tasting } from '@wellhydra/contract';
import { enqueued, type Entry } from '../../state/sync/queue';
import type { Store } from '../store';
import { logbookApi, type AddedPhoto } from './logbook-endpoints';
import type { LogbookDeeds } from './logbook-sending';
import { brewAfter, type LogbookDeed } from './logbook-waiting';

type Dispatch = Store['dispatch'];
type Thunk = (dispatch: Dispatch) => void;

/** @param lane what waits for what: everything that is written of a brew, unless it says otherwise */
function done(dispatch: Dispatch, about: string, deed: LogbookDeed, lane = `logbook:${deed.body.id}`): void {
  dispatch(
    logbookApi.util.updateQueryData(
      'getLogbookBrew',
      deed.body.id,
      (brew) => brewAfter(brew as LogbookBrew, deed) as never,
    ),
  );
  dispatch(enqueued({ id: crypto.randomUUID(), ...deed, about, lane }));
}
/** Photos are large: they hold up nothing but each other. */
const photosOf = (id: string): string => `photos:${id}`;

type Brew = Pick<LogbookBrew, 'id' | 'drinkName'>;

/** Notes something of a brew. */
export const brewNoted =
  ({ id, drinkName }: Brew, note: string): Thunk =>
  (dispatch) =>
    done(dispatch, drinkName, { kind: 'brew-noted', body: { id, note } });

/** Notes how somebody liked it. */
export const tasted =
  ({ id, drinkName }: Brew, tastingId: string, said: Tasting): Thunk =>
  (dispatch) =>
    done(dispatch, drinkName, { kind: 'tasted', body: { id, tastingId, ...said } });

/** Takes a tasting out again. */
export const tastingForgotten =
  ({ id, drinkName }: Brew, tastingId: string): Thunk =>
  (dispatch) =>
    done(dispatch, drinkName, { kind: 'tasting-forgotten', body: { id, tastingId } });

/** Keeps a photo of a brew. */
export const photoAdded =
  ({ id, drinkName }: Brew, photo: Omit<AddedPhoto, 'id'>): Thunk =>
  (dispatch) =>
    done(dispatch, drinkName, { kind: 'photo-added', body: { id, ...photo } }, photosOf(id));

/** Takes a photo out for good. */
export const photoTakenOut =
  ({ id, drinkName }: Brew, photoId: string): Thunk =>
  (dispatch) =>
    done(dispatch, drinkName, { kind: 'photo-taken-out', body: { id, photoId } }, photosOf(id));

/** A photo as it is shown: kept, or still waiting to be. */
export interface ShownPhoto {
  readonly id: string;
  readonly words: string;
  readonly at: string;
  readonly picture: string;
  readonly thumbnail: string;
  readonly waits: boolean;
}

const addressOf = (brewId: string, photoId: string, size: 'picture' | 'thumbnail'): string =>
  `/api/logbook/brews/${brewId}/photos/${photoId}?size=${size}`;

/** Photos of a brew with those that wait to be sent, without those that are to be taken out; the oldest first. */
export function shownPhotos(
  brew: Pick<LogbookBrew, 'id' | 'photos'>,
  waiting: readonly Entry[],
): readonly ShownPhoto[] {
  const own = waiting.filter(({ lane }) => lane === photosOf(brew.id));
  const bodies = <Kind extends keyof LogbookDeeds>(of: Kind) =>
    own.filter(({ kind }) => kind === of).map(({ body }) => body as LogbookDeeds[Kind]);
  const out = new Set(bodies('photo-taken-out').map(({ photoId }) => photoId));
  const kept = brew.photos.map(({ id, words, at }) => ({
    id,
    words,
    at,
    picture: addressOf(brew.id, id, 'picture'),
    thumbnail: addressOf(brew.id, id, 'thumbnail'),
    waits: false,
  }));
  const coming = bodies('photo-added')
    .filter(({ photoId }) => !kept.some(({ id }) => id === photoId))
    .map(({ photoId: id, words, at, picture }) => ({ id, words, at, picture, thumbnail: picture, waits: true }));
  return [...kept, ...coming].filter(({ id }) => !out.has(id));
}
