import { createReadStream } from 'node:fs';
import { once } from 'node:events';
import type { Readable } from 'node:stream';
import { ARCHIVE_BYTES, archiveOutcome, archiveQuery, archiveUndo, type ArchiveQuery } from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { noteDeed } from '../members/audit-store';
import { ownerOf } from '../members/member-service';
import { Problem } from '../problem';
import { saveArchive, takeArchive } from './archive-service';
import { keptUntil, takeBackArchive } from './kept-kitchen';

const TAGS = ['archive'];
export const JSON_LINES = 'application/x-ndjson';

/** The whole kitchen as one file, out and in again. */
export const archiveRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;
  app.addContentTypeParser(JSON_LINES, (_request, body, done) => done(null, body));

  app.get(
    '/',
    { schema: { tags: TAGS, summary: 'The whole kitchen as an archive (JSON Lines)' } },
    async (request, reply) =>
      saveArchive(await app.reader.upToDate(), request.signedIn().kitchenId, async (file) => {
        await noteDeed(context.models, request.signedIn(), 'archive-saved');
        const day = new Date().toISOString().slice(0, 10);
        const lines = createReadStream(file);
        await once(lines, 'open');
        return reply
          .type(JSON_LINES)
          .header('cache-control', 'private, no-store')
          .header('content-disposition', `attachment; filename="kitchen-${day}.jsonl"`)
          .send(lines);
      }),
  );

  app.post<{ Querystring: ArchiveQuery }>(
    '/',
    {
      bodyLimit: ARCHIVE_BYTES,
      schema: {
        tags: TAGS,
        summary: 'Bring an archive (JSON Lines as the body) into this kitchen, or try what that would change',
        consumes: [JSON_LINES],
        querystring: archiveQuery,
        response: { 200: archiveOutcome },
      },
    },
    (request) => {
      const body = request.body as Readable | undefined;
      if (typeof body?.pipe !== 'function')
        throw new Problem('invalid-request', undefined, `Send the archive itself, as ${JSON_LINES}.`);
      return takeArchive(context, ownerOf(request.signedIn()), { body, ...request.query }, new Date());
    },
  );

  app.get(
    '/undo',
    {
      schema: {
        tags: TAGS,
        summary: 'Until when the last archive that came in can be taken back',
        response: { 200: archiveUndo },
      },
    },
    async (request) => {
      const until = await keptUntil(context, request.signedIn().kitchenId, new Date());
      return { until: until?.toISOString() ?? null };
    },
  );

  app.post(
    '/undo',
    {
      schema: {
        tags: TAGS,
        summary: 'Make the kitchen what it was before the last archive came in',
        response: { 200: archiveUndo },
      },
    },
    async (request) => {
      const who = ownerOf(request.signedIn());
      await takeBackArchive(context, who.kitchenId, new Date());
      await noteDeed(context.models, who, 'archive-taken-back');
      return { until: null };
    },
  );
};
