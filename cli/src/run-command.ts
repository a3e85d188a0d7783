import { rowOf } from '@wellhydra/core/lookup';
import { EXIT, WrongInput, type CommandVerb, type Surroundings } from './command';
import { aim } from './verbs/aim';
import { analyse } from './verbs/analyse';
import { readArchive } from './verbs/archive';
import { check } from './verbs/check';
import { convertText } from './verbs/convert';
import { exportDrink, importDrink } from './verbs/exchange';
import { listIngredients } from './verbs/ingredients';
import { readLines } from './verbs/read';
import { printSchema } from './verbs/schema';
import { listTargets } from './verbs/targets';

const VERBS: Readonly<Record<string, CommandVerb>> = {
  aim,
  analyse,
  archive: readArchive,
  check,
  convert: convertText,
  export: exportDrink,
  import: importDrink,
  ingredients: listIngredients,
  read: readLines,
  schema: printSchema,
  targets: listTargets,
};

export const USAGE = `Usage: wellhydra VERB ...
  analyse FILE [--range N] [--seed S]   what a drink file comes to; - reads standard input
  aim FILE                              doses for a target that can be measured
  archive FILE [--drink NAME]           whether an archive of a kitchen is whole, and what is in it;
                                        or one of its drinks as a drink file
  check FILE [--kind KIND]              a recipe in words: what it makes, and what is wrong with it
  convert "2/3 cup honey" --to g        an amount in another unit, with its spread
  ingredients [WORD]                    what the catalogue knows
  targets                               compositions to aim at
  export FILE --as jsonld|csv|markdown|ics [--begin 2026-12-01T09:00]
                                        a drink in an open format; as a calendar from a moment on
  import FILE                           a schema.org Recipe (JSON-LD) as a drink file
  read FILE                             lines as people write them, each as the steps it says
  schema                                JSON Schema of the drink file
Prints JSON, or the format asked for. Exit code 0 done, 2 the input is wrong, 1 anything else.`;

/**
 * Runs the command.
 *
 * @param args behind the command's name
 * @returns the exit code
 */
export function runCommand(args: readonly string[], surroundings: Surroundings): number {
  const [name, ...rest] = args;
  if (name === '--help' || name === '-h' || name === 'help') {
    surroundings.print(USAGE);
    return EXIT.done;
  }
  const verb = name === undefined ? undefined : rowOf(VERBS, name);
  try {
    if (!verb) throw new WrongInput(`${name === undefined ? 'No verb given.' : `"${name}" is not a verb.`}\n${USAGE}`);
    const answer = verb(rest, surroundings);
    surroundings.print(typeof answer === 'string' ? answer.trimEnd() : JSON.stringify(answer, null, 2));
    return EXIT.done;
  } catch (error) {
    surroundings.complain(error instanceof WrongInput ? error.message : `wellhydra failed: ${String(error)}`);
    return error instanceof WrongInput ? EXIT.wrongInput : EXIT.failed;
  }
}
