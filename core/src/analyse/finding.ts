import type { Trace } from '../simulate/run-steps';
import { formatMass } from '../quantity/format-number';

/** Something about a step that its maker should know; codes are stable. */
export interface Finding {
  readonly code: string;
  /** Counted from 0; null when it concerns the drink as a whole. */
  readonly step: number | null;
  readonly text: string;
}

/** What was taken for granted, what stays undissolved, what is not counted. */
export function findingsOf(trace: Trace): readonly Finding[] {
  const findings: Finding[] = [];
  for (const { step, line } of trace.entries) {
    if (!line) continue;
    for (const assumed of line.assumed)
      findings.push({ code: 'assumed', step, text: `"${line.understood}": ${assumed}.` });
    if (line.ingredient.state === 'solid')
      findings.push({
        code: 'pieces-not-counted',
        step,
        text: `${line.ingredient.name} stays whole: its mass counts, but what it gives to the water is not reckoned yet.`,
      });
  }
  for (const { ingredient, mass_g } of trace.pot.sediment) {
    const step = trace.pot.entries.findLast((entry) => entry.ingredient.id === ingredient.id)?.step ?? null;
    findings.push({
      code: 'will-not-dissolve',
      step,
      text: `${formatMass(mass_g)} of the ${ingredient.name.toLowerCase()} will not dissolve in this much water. Use less, or more water; the figures leave it out.`,
    });
  }
  return findings;
}
