import { isUnreadable, readAmount } from '../../quantity';
import { ANY_CUP, VESSEL_SIZE } from '../../read';
import { finding, type CheckFinding } from '../finding';
import type { UnderstoodRecipe } from '../understand-recipe';

/** A temperature that no pot has: it was read off a thermometer in Fahrenheit. */
export const temperatureUnlikely = ({ batch, lines }: UnderstoodRecipe): readonly CheckFinding[] =>
  batch.flatMap(({ read, line }, step) => {
    if (read.with.scale !== 'fahrenheit' || read.celsius === null) return [];
    const celsius = Math.round(read.celsius);
    const { text } = lines[line]!;
    const fahrenheit = Math.round((read.celsius * 9) / 5 + 32);
    return [
      finding('temperature-unlikely', 'warn', `${fahrenheit} °C is hotter than water gets.`, {
        line,
        step,
        comesOf: `It is taken as ${fahrenheit} °F, ${celsius} °C.`,
        do: 'Say which scale is meant.',
        repair: text.replace(/\d+ ?°? ?C\b/, `${celsius} °C`),
      }),
    ];
  });

/** A vessel with what it holds is too full above this share of it. */
const FULL = 0.97;

/** A vessel of a said size that does not hold what goes into it. */
export function vesselOverfull({ lines, batch, analysis }: UnderstoodRecipe): readonly CheckFinding[] {
  const { entries } = analysis.trace;
  return lines.flatMap(({ text, role }, line): readonly CheckFinding[] => {
    const said = role === 'step' ? VESSEL_SIZE.exec(text)?.[1] : undefined;
    const amount = said === undefined ? undefined : readAmount(said.replace('-', ' '));
    if (!amount || isUnreadable(amount) || amount.unit.dimension !== 'volume') return [];
    const holds_mL = amount.value * amount.unit.size;
    const until = Math.max(-1, ...batch.flatMap((each, step) => (each.by === line ? [step] : [])));
    // What lies in it takes its room as well.
    const fullest_mL = Math.max(0, ...entries.filter(({ step }) => step <= until).map(({ mass_g }) => mass_g ?? 0));
    if (fullest_mL <= FULL * holds_mL) return [];
    return [
      finding('vessel-overfull', 'warn', `About ${(fullest_mL / 1000).toFixed(1)} L go into ${said!}.`, {
        line,
        comesOf: 'It will run or boil over.',
        do: 'Use a larger vessel, or make it in two parts.',
      }),
    ];
  });
}

/** A cup of which nobody knows the size. */
export const cupAmbiguous = ({ lines }: UnderstoodRecipe): readonly CheckFinding[] =>
  lines.flatMap(({ text }, line) =>
    ANY_CUP.test(text)
      ? [
          finding('cup-ambiguous', 'note', 'A cup of no said size is the measure.', {
            line,
            comesOf:
              'Cups are taken as US cups of 237 mL: what is measured in them hangs together, spoons and pinches do not.',
            do: 'Say how many mL the cup holds.',
          }),
        ]
      : [],
  );
