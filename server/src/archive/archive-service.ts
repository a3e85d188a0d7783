import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  ARCHIVE_BYTES,
  VISITOR_ARCHIVE_BYTES,
  ArchiveFault,
  type ArchiveMode,
  type ArchiveOutcome,
} from '@wellhydra/contract';
import { Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import { checkWithin } from '../kitchen/quota';
import { noteDeed } from '../members/audit-store';
import { Problem } from '../problem';
import { bringIn } from './bring-in';
import { compareKitchens } from './compare-kitchens';
import { keepKitchen } from './kept-kitchen';
import { archiveLines, type ArchiveContext } from './write-archive';

/** Archives that are written or read at once, on one server: each holds a connection for as long as it takes. */
const MOST_AT_ONCE = 2;
let underWay = 0;

/** Does something with a file of its own, which goes afterwards whatever comes of it. */
async function withFile<T>(work: (file: string) => Promise<T>): Promise<T> {
  if (underWay >= MOST_AT_ONCE)
    throw new Problem('too-many-requests', { waitSeconds: 10 }, 'Other archives are under way. Try again in a moment.');
  underWay += 1;
  const file = join(tmpdir(), `wellhydra-archive-${randomUUID()}.jsonl`);
  try {
    return await work(file);
  } finally {
    underWay -= 1;
    await rm(file, { force: true });
  }
}

/**
 * Writes a kitchen as an archive and hands over the file. It is written before a byte is sent, so that whoever reads
 * slowly keeps no connection of the database.
 *
 * @param send gets the file, which is gone once its promise is settled
 */
export const saveArchive = <T>(
  context: ArchiveContext,
  kitchenId: string,
  send: (file: string) => Promise<T>,
): Promise<T> =>
  withFile(async (file) => {
    await context.sequelize.transaction(
      { isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ, readOnly: true },
      (transaction) =>
        pipeline(
          Readable.from(archiveLines(context, kitchenId, transaction)),
          createWriteStream(file, { mode: 0o600 }),
        ),
    );
    return send(file);
  });

/** Lets so many bytes pass. */
function atMost(bytes: number): Transform {
  let passed = 0;
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      passed += chunk.length;
      if (passed <= bytes) return done(null, chunk);
      done(
        new Problem('too-large', { most_MB: bytes / 1024 / 1024 }, `An archive has ${bytes / 1024 / 1024} MB at most.`),
      );
    },
  });
}

export interface Arriving {
  readonly body: Readable;
  readonly mode: ArchiveMode;
  /** Only tells what it would change. */
  readonly try?: boolean | undefined;
}

/** Throws away what was only tried. */
class OnlyTried extends Error {}

/**
 * Brings an archive into a kitchen, or tells what that would change: both do the same work, and a try is thrown away.
 *
 * @throws Problem `archive-refused` with the line, `quota-reached`, `too-large`; nothing is changed then
 */
export const takeArchive = (
  context: ArchiveContext,
  who: SignedIn,
  { body, mode, try: trying }: Arriving,
  now: Date,
): Promise<ArchiveOutcome> =>
  withFile(async (file) => {
    await pipeline(
      body,
      atMost(who.demo ? VISITOR_ARCHIVE_BYTES : ARCHIVE_BYTES),
      createWriteStream(file, { mode: 0o600 }),
    );
    const { kitchenId } = who;
    let outcome: ArchiveOutcome | undefined;
    try {
      await context.sequelize.transaction(async (transaction) => {
        const before = await keepKitchen(context, kitchenId, now, transaction);
        await bringIn(context, kitchenId, { file, mode }, transaction);
        await checkWithin(context.sequelize, who, transaction);
        outcome = await compareKitchens(context, { before, after: kitchenId }, transaction);
        if (trying) throw new OnlyTried();
        await noteDeed(context.models, who, 'archive-brought-in', { about: mode }, transaction);
      });
    } catch (error) {
      if (error instanceof ArchiveFault) throw new Problem('archive-refused', { line: error.line }, error.message);
      if (!(error instanceof OnlyTried)) throw error;
    }
    return outcome!;
  });
