import type { Analysis } from '../analyse';
import { KEEPING_NOTE } from '../keeping';
import { durationWords, formatNumber, formatPortion } from '../quantity';
import { stepSentence } from './step-sentence';

const row = (...cells: readonly string[]): string =>
  `| ${cells.map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`;

/** A drink as a page of Markdown: steps, figures, cautions, findings, keeping. */
export function analysisMarkdown(analysis: Analysis): string {
  const { drink, serving, perServing, liquid, trace, keeping, cautions, findings } = analysis;
  const made = liquid ? formatPortion(liquid.volume_mL, false) : formatPortion(trace.pot.mass_g, true);
  const lines = [
    `# ${drink.name}`,
    '',
    `${made}${serving ? `, ${formatNumber(serving.servings)} servings of ${serving.text}` : ''}. Takes ${durationWords(trace.total_min)}, ${durationWords(trace.handsOn_min)} of it by hand.`,
    '',
    '## Steps',
    '',
    ...drink.steps.map((step, index) => `${index + 1}. ${stepSentence(step)}${step.note ? ` (${step.note})` : ''}`),
    ...(drink.atServing ? ['', 'In each glass:', '', ...drink.atServing.map((step) => `- ${stepSentence(step)}`)] : []),
    '',
    '## In a serving',
    '',
    row('', ''),
    row('---', '--:'),
    row('Energy', `${formatNumber(perServing.energy_kcal)} kcal`),
    row('Sugars', `${formatNumber(perServing.sugars_g)} g`),
    row('Sodium', `${formatNumber(perServing.sodium_mg)} mg`),
    row('Potassium', `${formatNumber(perServing.potassium_mg)} mg`),
    row('Magnesium', `${formatNumber(perServing.magnesium_mg)} mg`),
    row('Vitamin C', `${formatNumber(perServing.vitaminC_mg)} mg`),
    ...(liquid
      ? [
          row('°Brix', formatNumber(liquid.brix)),
          row('pH', `${formatNumber(liquid.pH)} ± ${formatNumber(liquid.phMargin)}`),
        ]
      : []),
  ];
  if (cautions.length > 0)
    lines.push('', '## Cautions', '', ...cautions.map(({ title, text }) => `- **${title}.** ${text}`));
  if (findings.length > 0) lines.push('', '## Found', '', ...findings.map(({ text }) => `- ${text}`));
  if (keeping)
    lines.push(
      '',
      '## Keeping',
      '',
      `${formatNumber(keeping.days)} days, ${keeping.place}: ${keeping.heldBackBy.join('; ')}. ${KEEPING_NOTE}`,
    );
  return `${lines.join('\n')}\n`;
}
