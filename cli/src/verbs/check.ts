import { checkRecipe } from '@wellhydra/core/check';
import { DRINK_KINDS, type DrinkKind } from '@wellhydra/core/drink';
import { WrongInput, type CommandVerb } from '../command';
import { parseOptions } from '../options';

/** `check FILE [--kind KIND]` */
export const check: CommandVerb = (args, { readFile }) => {
  const { positionals, options } = parseOptions(args, ['kind']);
  const [path, extra] = positionals;
  if (!path || extra) throw new WrongInput('check takes one file with a recipe, or - for standard input.');
  const kind = options.kind?.split('|')[0];
  if (kind !== undefined && !(DRINK_KINDS as readonly string[]).includes(kind))
    throw new WrongInput(`"${kind}" is not a kind of drink. There are: ${DRINK_KINDS.join(', ')}.`);
  return checkRecipe(readFile(path), kind === undefined ? {} : { kind: kind as DrinkKind });
};
