import type { Analysis } from '@wellhydra/core/analyse';
import { writeDrink } from '@wellhydra/core/drink';
import { analysisCsv, analysisMarkdown, importRecipe, recipeOf } from '@wellhydra/core/formats';
import { rowOf } from '@wellhydra/core/lookup';
import { WrongInput, type CommandVerb } from '../command';
import { parseOptions } from '../options';
import { drinkCalendarFile } from './drink-calendar';
import { analysisFrom, parseJson } from './drink-file';

type Writer = (analysis: Analysis, begin: Date) => unknown;

const WRITERS: Readonly<Record<string, Writer>> = {
  jsonld: recipeOf,
  csv: analysisCsv,
  markdown: analysisMarkdown,
  ics: drinkCalendarFile,
};

const HOUR_ms = 3_600_000;

/** When it is begun: as it is said, else at the next full hour. */
function beginOf(text: string | undefined): Date {
  if (text === undefined) return new Date(Math.ceil(Date.now() / HOUR_ms) * HOUR_ms);
  const begin = new Date(text);
  const year = begin.getUTCFullYear();
  if (!/^\d{4}-\d\d-\d\d(?:T|$)/.test(text) || !(year >= 1970 && year < 2200))
    throw new WrongInput(`--begin takes a moment such as 2026-12-01T09:00, from 1970 to 2199, not "${text}".`);
  return begin;
}

/** `export FILE --as jsonld|csv|markdown|ics [--begin 2026-12-01T09:00]` */
export const exportDrink: CommandVerb = (args, { readFile }) => {
  const { positionals, options } = parseOptions(args, ['as', 'begin']);
  const [path, extra] = positionals;
  const write = rowOf(WRITERS, options.as ?? '');
  if (!path || extra || !write)
    throw new WrongInput(`export takes one file and --as ${Object.keys(WRITERS).join('|')}.`);
  if (options.begin !== undefined && options.as !== 'ics')
    throw new WrongInput('--begin is for --as ics: the other formats have no times of day.');
  return write(analysisFrom(readFile(path), path), beginOf(options.begin));
};

/** `import FILE`: a schema.org Recipe as a drink file; what became no step is said on standard error. */
export const importDrink: CommandVerb = (args, { readFile, complain }) => {
  const { positionals } = parseOptions(args, []);
  const [path, extra] = positionals;
  if (!path || extra) throw new WrongInput('import takes one file, or - for standard input.');
  const imported = importRecipe(parseJson(readFile(path), path));
  if (imported.kind === 'no-recipe') throw new WrongInput(`${path}: ${imported.message}`);
  for (const sentence of imported.leftOver) complain(`${path}: kept as a note, not as a step: ${sentence}`);
  return writeDrink(imported.drink);
};
