import { AIM_FORMAT, aimAt, doseLine, readAim } from '@wellhydra/core/aim';
import { WrongInput, type CommandVerb } from '../command';
import { parseOptions } from '../options';
import { parseJson, problemLines } from './drink-file';

/** `aim FILE` */
export const aim: CommandVerb = (args, { readFile }) => {
  const { positionals } = parseOptions(args, []);
  const [path, extra] = positionals;
  if (!path || extra) throw new WrongInput('aim takes one file, or - for standard input.');
  const read = readAim(parseJson(readFile(path), path));
  if (read.kind === 'not-an-aim') throw new WrongInput(problemLines(path, read.problems));
  const { doses, figures, distance, proven, obstacles } = aimAt(read.aim);
  return {
    format: AIM_FORMAT,
    volume_mL: read.aim.volume_mL,
    instrument: read.aim.instrument,
    doses: doses.map((dose) => ({
      ingredient: dose.ingredient.name,
      mass_g: dose.mass_g,
      words: dose.words,
      line: doseLine(dose),
    })),
    fixed: read.aim.fixed.map(({ ingredient, mass_g }) => ({ ingredient: ingredient.name, mass_g })),
    figures: Object.fromEntries(figures.map(({ figure, ...rest }) => [figure, rest])),
    distance,
    provenBest: proven,
    obstacles,
  };
};
