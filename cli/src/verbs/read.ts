import { answersOf, readLine } from '@wellhydra/core/read';
import { WrongInput, type CommandVerb } from '../command';
import { parseOptions } from '../options';

/** `read FILE`: a line of JSON for each line of text. */
export const readLines: CommandVerb = (args, { readFile }) => {
  const { positionals } = parseOptions(args, []);
  const [path, extra] = positionals;
  if (!path || extra) throw new WrongInput('read takes one file of lines, or - for standard input.');
  const lines = readFile(path)
    .replace(/\r?\n$/, '')
    .split(/\r?\n/);
  return lines
    .map((line) => {
      const reading = readLine(line);
      const { text, steps, reads, confidence, note } = reading;
      const question = reading.question && { ask: reading.question.ask, choices: answersOf(reading) };
      return JSON.stringify({ text, steps, reads, confidence, question, note });
    })
    .join('\n');
};
