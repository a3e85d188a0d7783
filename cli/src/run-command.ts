import { EXIT, WrongInput, type CommandVerb, type Surroundings } from './command';
import { analyse } from './verbs/analyse';
import { convertText } from './verbs/convert';
import { listIngredients } from './verbs/ingredients';
import { printSchema } from './verbs/schema';
import { listTargets } from './verbs/targets';

const VERBS: Readonly<Record<string, CommandVerb>> = {
  analyse,
  convert: convertText,
  ingredients: listIngredients,
  schema: printSchema,
  targets: listTargets,
};

export const USAGE = `Usage: wellhydra VERB ...
  analyse FILE [--range N] [--seed S]   what a drink file comes to; - reads standard input
  convert "2/3 cup honey" --to g        an amount in another unit, with its spread
  ingredients [WORD]                    what the catalogue knows
  targets                               compositions to aim at
  schema                                JSON Schema of the drink file
Prints JSON. Exit code 0 done, 2 the input is wrong, 1 anything else.`;

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
  const verb = name === undefined ? undefined : VERBS[name];
  try {
    if (!verb) throw new WrongInput(`${name === undefined ? 'No verb given.' : `"${name}" is not a verb.`}\n${USAGE}`);
    surroundings.print(JSON.stringify(verb(rest, surroundings), null, 2));
    return EXIT.done;
  } catch (error) {
    surroundings.complain(error instanceof WrongInput ? error.message : `wellhydra failed: ${String(error)}`);
    return error instanceof WrongInput ? EXIT.wrongInput : EXIT.failed;
  }
}
