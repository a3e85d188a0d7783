import type { Analysis } from '../analyse';
import { csvOf } from './csv';

/** Every figure of an analysis as rows of group, figure, value; lines end as RFC 4180 says. */
export function analysisCsv(analysis: Analysis): string {
  const { trace, liquid, serving, perServing, perLitre, botanicals } = analysis;
  const rows: (readonly (string | number | null)[])[] = [['group', 'figure', 'value']];
  const group = (name: string, figures: object): void => {
    for (const [figure, value] of Object.entries(figures))
      if (typeof value === 'number' || typeof value === 'string') rows.push([name, figure, value]);
  };
  group('drink', { name: analysis.drink.name, kind: analysis.drink.kind });
  group('yield', { mass_g: trace.pot.mass_g, volume_mL: liquid?.volume_mL, servings: serving?.servings });
  group('perServing', perServing);
  for (const { ingredient, dryEquivalent_g } of botanicals) rows.push(['botanical', ingredient.name, dryEquivalent_g]);
  group('perLitre', perLitre ?? {});
  group('liquid', liquid ?? {});
  group('time', { total_min: trace.total_min, handsOn_min: trace.handsOn_min });
  group('losses', trace.losses);
  trace.entries.forEach(({ step, verb, text, at_min, mass_g, volume_mL, temperature_C, brix }) => {
    rows.push([`step ${step + 1}`, `${verb} ${text}`.trim(), null]);
    group(`step ${step + 1}`, { at_min, mass_g, volume_mL, temperature_C, brix });
  });
  return csvOf(rows);
}
