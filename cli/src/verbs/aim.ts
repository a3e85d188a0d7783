import { AIM_FORMAT, aimAt, aimedDrink, doseLines, readAim, remediesFor } from '@wellhydra/core/aim';
import { analyseDrink, analysisReport } from '@wellhydra/core/analyse';
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
  const result = aimAt(read.aim);
  const { doses, figures, distance, proven, obstacles, heldBy } = result;
  const { cautions } = analysisReport(analyseDrink(aimedDrink(read.aim, result)));
  return {
    format: AIM_FORMAT,
    volume_mL: read.aim.volume_mL,
    instrument: read.aim.instrument,
    doses: doses.map((dose) => ({
      ingredient: dose.ingredient.name,
      mass_g: dose.mass_g,
      words: dose.words,
      lines: doseLines(dose),
    })),
    fixed: read.aim.fixed.map(({ ingredient, mass_g }) => ({ ingredient: ingredient.name, mass_g })),
    figures: Object.fromEntries(figures.map(({ figure, ...rest }) => [figure, rest])),
    distance,
    provenBest: proven,
    obstacles,
    heldBy: heldBy.map(({ code, name, most, unit }) => ({ code, name, most, unit })),
    remedies: remediesFor(read.aim, result),
    cautions,
  };
};
