import { PHOTO_LIMITS, type LogbookBrew } from '@wellhydra/contract';
import type { SignedIn } from '../accounts/session-store';
import { Problem } from '../problem';
import { toBrew, type LogbookContext } from './logbook-service';
import { shrinkPhoto } from './shrink-photo';

interface PhotoIds {
  readonly id: string;
  readonly photoId: string;
}

/** Keeps a photo of a brew; sending it again changes nothing. */
export async function addPhoto(
  context: LogbookContext,
  who: SignedIn,
  { id, photoId }: PhotoIds,
  { bytes, words, addedAt }: { readonly bytes: Buffer; readonly words: string; readonly addedAt: Date },
): Promise<LogbookBrew> {
  const { photos } = context.models;
  const { kitchenId, accountId } = who;
  if ((await context.models.brews.count({ where: { kitchenId, id } })) === 0) throw new Problem('not-found');
  const shrunk = await shrinkPhoto(bytes);
  return toBrew(context, who, id, async (transaction) => {
    const where = { kitchenId, brewId: id };
    if (await photos.findOne({ where: { ...where, id: photoId }, attributes: ['id'], transaction })) return;
    if ((await photos.count({ where, transaction })) >= PHOTO_LIMITS.ofBrew)
      throw new Problem(
        'quota-reached',
        { most: PHOTO_LIMITS.ofBrew },
        `A brew has ${PHOTO_LIMITS.ofBrew} photos at most.`,
      );
    if ((await photos.count({ where: { kitchenId }, transaction })) >= PHOTO_LIMITS.ofKitchen)
      throw new Problem(
        'quota-reached',
        { most: PHOTO_LIMITS.ofKitchen },
        `A kitchen has ${PHOTO_LIMITS.ofKitchen} photos at most. Take older ones out first.`,
      );
    await photos.create({ ...where, id: photoId, words, ...shrunk, addedBy: accountId, addedAt }, { transaction });
  });
}

export const removePhoto = (context: LogbookContext, who: SignedIn, { id, photoId }: PhotoIds): Promise<LogbookBrew> =>
  toBrew(context, who, id, (transaction) =>
    context.models.photos.destroy({ where: { kitchenId: who.kitchenId, brewId: id, id: photoId }, transaction }),
  );

/** The bytes of a photo, as JPEG. */
export async function readPhoto(
  { models }: LogbookContext,
  { kitchenId }: SignedIn,
  { id, photoId }: PhotoIds,
  size: 'picture' | 'thumbnail',
): Promise<Buffer> {
  const found = await models.photos.findOne({ where: { kitchenId, brewId: id, id: photoId }, attributes: [size] });
  if (!found) throw new Problem('not-found');
  return found[size];
}
