import { parseArgs } from 'node:util';
import { WrongInput } from './command';

/** Plain arguments and `--name value` options of a verb. */
export interface ParsedArguments {
  readonly positionals: readonly string[];
  readonly options: Readonly<Record<string, string | undefined>>;
}

/**
 * Splits the arguments of a verb.
 *
 * @param args behind the verb
 * @param names options it takes, each with a value
 * @throws WrongInput for an option it does not take
 */
export function parseOptions(args: readonly string[], names: readonly string[]): ParsedArguments {
  try {
    const { positionals, values } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: Object.fromEntries(names.map((name) => [name, { type: 'string' as const }])),
    });
    return { positionals, options: values as Record<string, string | undefined> };
  } catch (error) {
    throw new WrongInput((error as Error).message);
  }
}

/** A whole number from an option, within bounds. */
export function wholeNumber(name: string, text: string, least: number, most: number): number {
  const value = Number(text);
  if (!Number.isInteger(value) || value < least || value > most)
    throw new WrongInput(`--${name} takes a whole number from ${least} to ${most}, not "${text}".`);
  return value;
}
