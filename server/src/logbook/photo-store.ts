import type { Photo } from '@wellhydra/contract';
import type { Models } from '../database/models';

interface OfBrew {
  readonly kitchenId: string;
  readonly brewId: string;
}

/** Photos of a brew without their pictures, the oldest first. */
export async function listPhotos(models: Models, where: OfBrew): Promise<readonly Photo[]> {
  const rows = await models.photos.findAll({
    where: { ...where },
    attributes: ['id', 'words', 'width', 'height', 'addedAt'],
    order: [
      ['addedAt', 'ASC'],
      ['id', 'ASC'],
    ],
  });
  return rows.map(({ id, words, width, height, addedAt }) => ({ id, words, width, height, at: addedAt.toISOString() }));
}
