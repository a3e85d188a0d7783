import { ARCHIVE_COUNTED, ArchiveFault, ArchiveReader, type ArchiveRow } from '@wellhydra/contract';
import { documentDrink, writeDrink, type Drink, type DrinkDocument, type DrinkStep } from '@wellhydra/core/drink';
import { WrongInput, type CommandVerb } from '../command';
import { parseOptions } from '../options';

/** The rows of an archive, which has to be whole. */
function rowsOf(text: string, path: string): readonly ArchiveRow[] {
  const reader = new ArchiveReader();
  try {
    const rows = text
      .replace(/\n$/, '')
      .split('\n')
      .flatMap((line) => (text === '' ? [] : (reader.read(line) ?? [])));
    reader.finish();
    return rows;
  } catch (error) {
    if (error instanceof ArchiveFault) throw new WrongInput(`${path}: ${error.message}`);
    throw error;
  }
}

const drinksOf = (rows: readonly ArchiveRow[]): readonly DrinkDocument[] =>
  rows.flatMap((row) => (row.is === 'drink' && row.deletedAt === null ? [row.document as DrinkDocument] : []));

/** A drink file knows its steps and what is done to each glass by their order. */
function withoutIds({ steps, atServing, ...drink }: Drink): Drink {
  const plain = (each: readonly DrinkStep[]): readonly DrinkStep[] =>
    each.map(
      ({ id: _, atServing: __, ...step }: DrinkStep & { id?: string; atServing?: boolean }) => step as DrinkStep,
    );
  return { ...drink, steps: plain(steps), ...(atServing ? { atServing: plain(atServing) } : {}) };
}

/** `archive FILE [--drink NAME]`: whether an archive of a kitchen is whole and what is in it; or one of its drinks as a file. */
export const readArchive: CommandVerb = (args, { readFile }) => {
  const { positionals, options } = parseOptions(args, ['drink']);
  const [path, extra] = positionals;
  if (!path || extra) throw new WrongInput('archive takes one file, or - for standard input.');
  const rows = rowsOf(readFile(path), path);
  const drinks = drinksOf(rows);
  if (options.drink === undefined)
    return {
      kitchen: rows[0]?.name,
      rows: Object.fromEntries(ARCHIVE_COUNTED.map((is) => [is, rows.filter((row) => row.is === is).length])),
      drinks: drinks.map(({ name }) => name).sort(),
    };
  const wanted = options.drink.trim().toLowerCase();
  const found = drinks.filter(({ name }) => name.toLowerCase() === wanted);
  if (found.length === 0)
    throw new WrongInput(
      `${path}: no drink is called "${options.drink}". There are: ${drinks.map(({ name }) => name).join('; ')}.`,
    );
  if (found.length > 1) throw new WrongInput(`${path}: ${found.length} drinks are called "${options.drink}".`);
  return writeDrink(withoutIds(documentDrink(found[0]!)));
};
