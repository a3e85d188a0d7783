import {
  amountDisagrees,
  assumptions,
  servingExceedsBatch,
  servingsDisagree,
  spoonForPinch,
  tinyMineral,
  undissolved,
  unevenMix,
} from './amount-findings';
import { slowCooling } from './cooling-findings';
import type { Finding, FindingContext, FindingRule } from './finding';
import { noTestedProcess, processTime } from './jar-findings';
import { notStrained, piecesLeft } from './piece-findings';
import {
  bitterPith,
  boilsAgainstNote,
  boilsInstead,
  fizzOrder,
  headspace,
  herbAbove,
  honeyTooHot,
  noLabel,
  overfullJar,
  stepNotes,
} from './process-findings';

const RULES: readonly FindingRule[] = [
  assumptions,
  stepNotes,
  undissolved,
  servingsDisagree,
  servingExceedsBatch,
  amountDisagrees,
  spoonForPinch,
  tinyMineral,
  unevenMix,
  honeyTooHot,
  boilsInstead,
  boilsAgainstNote,
  overfullJar,
  herbAbove,
  fizzOrder,
  headspace,
  processTime,
  noTestedProcess,
  slowCooling,
  notStrained,
  piecesLeft,
  bitterPith,
  noLabel,
];

/** Everything that was found, in the order of the steps; what concerns the whole drink comes last. */
export function findingsOf(context: FindingContext): readonly Finding[] {
  const place = (finding: Finding): number => finding.step ?? Infinity;
  return RULES.flatMap((rule) => rule(context)).sort((a, b) => place(a) - place(b) || 0);
}
