import type { Caution, CautionContext, Severity } from './caution';
import { CAUTION_RULES } from './rules/all-rules';

const ORDER: Readonly<Record<Severity, number>> = { stop: 0, warn: 1, note: 2 };

/** The rules that fire on a drink, gravest first. */
export function cautionsOf(context: CautionContext): readonly Caution[] {
  if (context.trace.pot.mass_g <= 0) return [];
  return CAUTION_RULES.filter((rule) => rule.fires(context))
    .map(({ code, severity, title, text, concerns, source }) => ({
      code,
      severity: typeof severity === 'function' ? severity(context) : severity,
      title,
      text: text(context),
      concerns,
      source,
    }))
    .sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}
