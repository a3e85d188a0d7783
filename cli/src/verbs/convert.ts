import { convert } from '@wellhydra/core/quantity';
import { parseOptions } from '../options';
import { WrongInput, type CommandVerb } from '../command';

/** Enough for every exact factor, without the noise of binary fractions. */
const FIGURES = 10;
const tidy = (value: number): number => Number(value.toPrecision(FIGURES));

/** `convert "2/3 cup honey" --to g` */
export const convertText: CommandVerb = (args) => {
  const { positionals, options } = parseOptions(args, ['to']);
  const [text, extra] = positionals;
  if (!text || extra || !options.to) throw new WrongInput('convert takes an amount in quotes and --to UNIT.');
  const converted = convert(text, options.to);
  if (converted.kind === 'unreadable') {
    const meant = converted.suggestions.length > 0 ? ` Nearest: ${converted.suggestions.join('; ')}.` : '';
    throw new WrongInput(`"${text}": ${converted.message}${meant}`);
  }
  const { value, unit, p5, p95, understood } = converted;
  return { value: tidy(value), unit, p5: tidy(p5), p95: tidy(p95), understood };
};
