import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { ArchiveFault, ArchiveReader, type ArchiveKind, type ArchiveMode, type ArchiveRow } from '@wellhydra/contract';
import { BaseError, type Transaction } from 'sequelize';
import { clearKitchen, laterRevisions, tableOf } from '../kitchen/kitchen-parts';
import { ARCHIVE_PARTS, BYTES, inTable, type ArchivePart } from './archive-parts';
import { HandsOfArchive } from './hands-of-archive';
import { mergedDocuments, type KitchenDocuments } from './merge-documents';
import type { ArchiveContext } from './write-archive';

type Row = Readonly<Record<string, unknown>>;
const PART_OF = new Map(ARCHIVE_PARTS.map((part) => [part.is, part]));

/** What a merge has to know of the kitchen: what is there already stays as it is, with all that belongs to it. */
interface There {
  readonly ids: Readonly<Partial<Record<ArchiveKind, ReadonlySet<string>>>>;
  readonly revisions: ReadonlyMap<string, number>;
  readonly batches: Set<string>;
}

async function whatIsThere({ models }: ArchiveContext, kitchenId: string, transaction: Transaction): Promise<There> {
  const idsOf = async (is: ArchiveKind) => {
    const rows = (await tableOf(models, PART_OF.get(is)!.part).findAll({
      where: { kitchenId },
      attributes: ['id'],
      raw: true,
      transaction,
    })) as unknown as readonly { id: string }[];
    return new Set(rows.map(({ id }) => id));
  };
  const drinks = await models.drinks.findAll({ where: { kitchenId }, attributes: ['id', 'revision'], transaction });
  const brews = await models.brews.findAll({ where: { kitchenId }, attributes: ['batch'], transaction });
  return {
    ids: {
      drink: new Set(drinks.map(({ id }) => id)),
      brew: await idsOf('brew'),
      lot: await idsOf('lot'),
      bottle: await idsOf('bottle'),
    },
    revisions: new Map(drinks.map(({ id, revision }) => [id, revision])),
    batches: new Set(brews.map(({ batch }) => batch)),
  };
}

const nothingThere = (): There => ({ ids: {}, revisions: new Map(), batches: new Set() });
const LONGEST_BATCH = 20;

/** A batch name that no other brew has: "SR-04", or "SR-04/2" where that is taken. */
function freeBatch(batch: string, taken: Set<string>): string {
  let free = batch;
  for (let n = 2; taken.has(free); n += 1) free = `${batch.slice(0, LONGEST_BATCH - 1 - String(n).length)}/${n}`;
  taken.add(free);
  return free;
}

/** A row of the file under the names that its table has for it. */
const tableFields = ({ is: _, ...row }: ArchiveRow): Row =>
  Object.fromEntries(
    Object.entries(row).map(([field, value]) => [
      inTable(field),
      BYTES.has(field) ? Buffer.from(value as string, 'base64') : value,
    ]),
  );

/** Takes the rows of an archive into a kitchen, in batches, each in the order of the file. */
class Arrival {
  private waiting: { readonly line: number; readonly row: Row }[] = [];
  private part: ArchivePart | null = null;
  /** Rows that stay out because what they belong to is there already. */
  private readonly left: Readonly<Record<string, Set<string>>> = {
    drink: new Set(),
    brew: new Set(),
    lot: new Set(),
    bottle: new Set(),
  };

  constructor(
    private readonly context: ArchiveContext,
    private readonly kitchenId: string,
    private readonly hands: HandsOfArchive,
    private readonly there: There,
    private readonly transaction: Transaction,
  ) {}

  async take(row: ArchiveRow, line: number): Promise<void> {
    const part = PART_OF.get(row.is)!;
    if (part !== this.part || this.waiting.length >= part.page) await this.store();
    this.part = part;
    if (this.staysOut(row, part)) return;
    this.waiting.push({ line, row: this.tableRow(row, part) });
  }

  async store(): Promise<void> {
    const { part, waiting } = this;
    this.waiting = [];
    if (!part || waiting.length === 0) return;
    try {
      await tableOf(this.context.models, part.part).bulkCreate(
        waiting.map(({ row }) => row),
        { transaction: this.transaction },
      );
    } catch (error) {
      if (!(error instanceof BaseError)) throw error;
      // The database's own rules: what belongs together, and what there can be once only.
      const [first, last] = [waiting[0]!.line, waiting.at(-1)!.line];
      const where = first === last ? '' : ` (or one up to line ${last})`;
      throw new ArchiveFault(first, `a "${part.is}"${where} does not go with the others: ${reasonOf(error)}.`);
    }
  }

  private staysOut(row: ArchiveRow, { is, within }: ArchivePart): boolean {
    const id = row.id as string;
    const out =
      this.there.ids[is]?.has(id) === true ||
      (within !== null && this.left[within.is]!.has(row[within.field] as string));
    if (out) this.left[is]?.add(id);
    return out;
  }

  private tableRow(row: ArchiveRow, { hand }: ArchivePart): Row {
    const made: Record<string, unknown> = { ...tableFields(row), kitchenId: this.kitchenId };
    if (hand) made[hand] = this.hands.accountOf(row[hand] as number);
    if (row.is === 'brew') {
      made.batch = freeBatch(row.batch as string, this.there.batches);
      // Its drink stands here in versions of its own; as it was made is in the brew.
      const revision = this.there.revisions.get(row.drinkId as string);
      if (revision !== undefined) made.drinkRevision = revision;
    }
    return made;
  }
}

const reasonOf = (error: BaseError): string => {
  const { detail } = (error as { parent?: { detail?: string } }).parent ?? {};
  return (detail ?? error.message).replace(/^Key /, '').replace(/\.$/, '').slice(0, 200);
};

/** A JPEG begins with these. Source: ITU-T T.81, B.1.1.3. */
const JPEG = Buffer.from([0xff, 0xd8, 0xff]);
const isJpeg = (base64: unknown): boolean =>
  Buffer.from(String(base64).slice(0, 8), 'base64').subarray(0, 3).equals(JPEG);

/** A photo is sent to browsers as a JPEG: it has to be one. */
function checkPhoto({ picture, thumbnail }: ArchiveRow, line: number): void {
  if (!isJpeg(picture) || !isJpeg(thumbnail)) throw new ArchiveFault(line, 'a photo has to be a JPEG.');
}

/** Takes what a kitchen has one of. */
async function takeDocuments(
  { models }: ArchiveContext,
  kitchenId: string,
  { row, mode }: { readonly row: ArchiveRow; readonly mode: ArchiveMode },
  transaction: Transaction,
): Promise<void> {
  const kitchen = await models.kitchens.findByPk(kitchenId, { transaction, rejectOnEmpty: true });
  const theirs = tableFields(row) as unknown as KitchenDocuments;
  const next = mode === 'merge' ? mergedDocuments(kitchen, theirs) : theirs;
  await kitchen.update({ ...next, ...laterRevisions(kitchen) }, { transaction });
}

/**
 * Brings the rows of an archive into a kitchen, within a transaction: whoever throws it away has changed nothing.
 *
 * @param file where the archive lies
 * @throws ArchiveFault with the line at which it is refused
 */
export async function bringIn(
  context: ArchiveContext,
  kitchenId: string,
  { file, mode }: { readonly file: string; readonly mode: ArchiveMode },
  transaction: Transaction,
): Promise<void> {
  if (mode === 'replace') await clearKitchen(context, kitchenId, transaction);
  const there = mode === 'merge' ? await whatIsThere(context, kitchenId, transaction) : nothingThere();
  const hands = await HandsOfArchive.of(context, kitchenId, transaction);
  const arrival = new Arrival(context, kitchenId, hands, there, transaction);
  const reader = new ArchiveReader();
  let line = 0;
  for await (const text of createInterface({ input: createReadStream(file, 'utf8'), crlfDelay: Infinity })) {
    line += 1;
    const row = reader.read(text);
    if (!row || row.is === 'kitchen-archive') continue;
    if (row.is === 'hand') {
      await hands.take(row.name as string);
    } else if (row.is === 'kitchen') {
      await takeDocuments(context, kitchenId, { row, mode }, transaction);
    } else {
      if (row.is === 'photo') checkPhoto(row, line);
      await arrival.take(row, line);
    }
  }
  reader.finish();
  await arrival.store();
}
