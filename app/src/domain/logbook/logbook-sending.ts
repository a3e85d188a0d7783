import type { Tasting } from '@wellhydra/contract';
import { oneByOne, type Sender } from '../../state/sync/send-queue';
import { logbookApi, type AddedPhoto } from './logbook-endpoints';

/** What is written into the logbook, as it waits to be sent. */
export interface LogbookDeeds {
  readonly 'brew-noted': { readonly id: string; readonly note: string };
  readonly tasted: Tasting & { readonly id: string; readonly tastingId: string };
  readonly 'tasting-forgotten': { readonly id: string; readonly tastingId: string };
  readonly 'photo-added': AddedPhoto;
  readonly 'photo-taken-out': { readonly id: string; readonly photoId: string };
}

const { noteBrew, noteTasting, forgetTasting, addPhoto, removePhoto } = logbookApi.endpoints;

export const LOGBOOK_SENDERS: Readonly<Record<keyof LogbookDeeds, Sender>> = {
  'brew-noted': oneByOne<LogbookDeeds['brew-noted']>((body, dispatch) => dispatch(noteBrew.initiate(body))),
  tasted: oneByOne<LogbookDeeds['tasted']>((body, dispatch) => dispatch(noteTasting.initiate(body))),
  'tasting-forgotten': oneByOne<LogbookDeeds['tasting-forgotten']>((body, dispatch) =>
    dispatch(forgetTasting.initiate(body)),
  ),
  'photo-added': oneByOne<LogbookDeeds['photo-added']>((body, dispatch) => dispatch(addPhoto.initiate(body))),
  'photo-taken-out': oneByOne<LogbookDeeds['photo-taken-out']>((body, dispatch) =>
    dispatch(removePhoto.initiate(body)),
  ),
};
