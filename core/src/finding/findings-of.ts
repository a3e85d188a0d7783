import { VERB_TABLE, type Drink } from '../drink';
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
  bitterPith,
  noLabel,
];

/** What is wrong only if nothing more is done. */
const RULES_OF_THE_END: readonly FindingRule[] = [servingsDisagree, servingExceedsBatch, notStrained, piecesLeft];

/** A drink has an end once it is put away, or once something is said of the glass. */
const hasAnEnd = ({ steps, atServing = [] }: Drink): boolean =>
  atServing.length > 0 || steps.some(({ verb }) => VERB_TABLE[verb].putsAway);

/** Everything that was found, in the order of the steps; what concerns the whole drink comes last. */
export function findingsOf(context: FindingContext): readonly Finding[] {
  const place = (finding: Finding): number => finding.step ?? Infinity;
  const ofTheEnd = RULES_OF_THE_END.flatMap((rule) => rule(context));
  const found = hasAnEnd(context.drink) ? ofTheEnd : ofTheEnd.map((finding): Finding => ({ ...finding, open: true }));
  return [...RULES.flatMap((rule) => rule(context)), ...found].sort((a, b) => place(a) - place(b) || 0);
}
