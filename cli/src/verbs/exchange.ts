import { writeDrink } from '@wellhydra/core/drink';
import { analysisCsv, analysisMarkdown, importRecipe, recipeOf } from '@wellhydra/core/formats';
import { WrongInput, type CommandVerb } from '../command';
import { parseOptions } from '../options';
import { analysisFrom, parseJson } from './drink-file';

const WRITERS = {
  jsonld: recipeOf,
  csv: analysisCsv,
  markdown: analysisMarkdown,
} as const;

/** `export FILE --as jsonld|csv|markdown` */
export const exportDrink: CommandVerb = (args, { readFile }) => {
  const { positionals, options } = parseOptions(args, ['as']);
  const [path, extra] = positionals;
  const write = WRITERS[options.as as keyof typeof WRITERS];
  if (!path || extra || !write)
    throw new WrongInput(`export takes one file and --as ${Object.keys(WRITERS).join('|')}.`);
  return write(analysisFrom(readFile(path), path));
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
