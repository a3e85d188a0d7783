/** Something that is wrong with a recipe, in words for its maker. */
export interface CheckFinding {
  readonly code: string;
  readonly harm: 'stop' | 'warn' | 'note';
  /** The line of the source it is about. */
  readonly line: number | null;
  readonly step: number | null;
  readonly says: string;
  readonly comesOf: string;
  readonly do: string;
  /** The line as it would be without the slip; empty where it would go. */
  readonly repair: string | null;
}

const HARMS = ['stop', 'warn', 'note'] as const;

/** The worst first; of one harm in the order of the recipe. */
export const byHarm = (a: CheckFinding, b: CheckFinding): number =>
  HARMS.indexOf(a.harm) - HARMS.indexOf(b.harm) || (a.line ?? -1) - (b.line ?? -1);

/** A finding of a recipe, with what it does not say left empty. */
export const finding = (
  code: string,
  harm: CheckFinding['harm'],
  says: string,
  more: Partial<Omit<CheckFinding, 'code' | 'harm' | 'says'>> = {},
): CheckFinding => ({ code, harm, line: null, step: null, comesOf: '', do: '', repair: null, ...more, says });
