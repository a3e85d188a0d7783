import {
  logbookBrew,
  PHOTO_LIMITS,
  photoParams,
  photoQuery,
  photoSizeQuery,
  type PhotoParams,
  type PhotoQuery,
  type PhotoSizeQuery,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { Problem } from '../problem';
import { addPhoto, readPhoto, removePhoto } from './photo-service';

const TAGS = ['logbook'];
/** Pictures that are taken; whatever they are called, they are looked into. */
const PICTURES = ['image/jpeg', 'image/png', 'image/webp'];
/** Nothing of it stays on a device that somebody else uses next. */
const KEPT = 'private, no-store';

/** Photos of brews. */
export const photoRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;
  const answer = { 200: logbookBrew };
  app.addContentTypeParser(PICTURES, { parseAs: 'buffer', bodyLimit: PHOTO_LIMITS.bytes }, (_request, body, done) =>
    done(null, body),
  );

  app.put<{ Params: PhotoParams; Querystring: PhotoQuery }>(
    '/brews/:id/photos/:photoId',
    {
      bodyLimit: PHOTO_LIMITS.bytes,
      schema: {
        tags: TAGS,
        summary: 'Keep a photo (JPEG, PNG or WebP as the body); what a camera writes beside it is left out',
        consumes: PICTURES,
        params: photoParams,
        querystring: photoQuery,
        response: answer,
      },
    },
    (request) => {
      if (!Buffer.isBuffer(request.body))
        throw new Problem('invalid-request', undefined, 'Send the picture itself, as JPEG, PNG or WebP.');
      const { words = '', at } = request.query;
      const now = new Date();
      const addedAt = at && new Date(at) < now ? new Date(at) : now;
      return addPhoto(context, request.signedIn(), request.params, { bytes: request.body, words, addedAt });
    },
  );

  app.get<{ Params: PhotoParams; Querystring: PhotoSizeQuery }>(
    '/brews/:id/photos/:photoId',
    { schema: { tags: TAGS, summary: 'A photo, as JPEG', params: photoParams, querystring: photoSizeQuery } },
    async (request, reply) => {
      const { size = 'picture' } = request.query;
      const bytes = await readPhoto(context, request.signedIn(), request.params, size);
      return reply.type('image/jpeg').header('cache-control', KEPT).send(bytes);
    },
  );

  app.delete<{ Params: PhotoParams }>(
    '/brews/:id/photos/:photoId',
    { schema: { tags: TAGS, summary: 'Take a photo out', params: photoParams, response: answer } },
    (request) => removePhoto(context, request.signedIn(), request.params),
  );
};
