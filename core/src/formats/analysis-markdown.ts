import type { Analysis } from '../analyse';
import { KEEPING_NOTE } from '../keeping';
import { durationWords, formatNumber, formatPortion } from '../quantity';
import { markdownText } from './markdown-text';
import { stepSentence } from './step-sentence';

const row = (...cells: readonly string[]): string => `| ${cells.join(' | ')} |`;

/** A drink as a page of Markdown: steps, figures, cautions, findings, keeping. */
export function analysisMarkdown(analysis: Analysis): string {
  const { drink, serving, perServing, liquid, trace, keeping, cautions, findings } = analysis;
  const made = liquid ? formatPortion(liquid.volume_mL, false) : formatPortion(trace.pot.mass_g, true);
  const lines = [
    `# ${markdownText(drink.name)}`,
    '',
    `${made}${serving ? `, ${formatNumber(serving.servings)} servings of ${markdownText(serving.text)}` : ''}. Takes ${durationWords(trace.total_min)}, ${durationWords(trace.handsOn_min)} of it by hand.`,
    '',
    '## Steps',
    '',
    ...drink.steps.map(
      (step, index) => `${index + 1}. ${markdownText(`${stepSentence(step)}${step.note ? ` (${step.note})` : ''}`)}`,
    ),
    ...(drink.atServing
      ? ['', 'In each glass:', '', ...drink.atServing.map((step) => `- ${markdownText(stepSentence(step))}`)]
      : []),
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
    lines.push(
      '',
      '## Cautions',
      '',
      ...cautions.map(({ title, text }) => `- **${markdownText(title)}.** ${markdownText(text)}`),
    );
  if (findings.length > 0) lines.push('', '## Found', '', ...findings.map(({ text }) => `- ${markdownText(text)}`));
  if (keeping)
    lines.push(
      '',
      '## Keeping',
      '',
      `${formatNumber(keeping.days)} days, ${keeping.place}: ${markdownText(keeping.heldBackBy.join('; '))}. ${KEEPING_NOTE}`,
    );
  return `${lines.join('\n')}\n`;
}
