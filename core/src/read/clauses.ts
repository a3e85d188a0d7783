import { actionIn, type FoundAction } from './action-words';
import { CONDITIONS } from './en/connectives';
import { LONG_WORDS } from './en/times';
import { nameIn } from './names';
import { slotsOf } from './slots';
import type { Token } from './tokens';

/** So many words without a stop are several things: nobody writes a phrase as long. */
const DICTATED_FROM = 12;

/** What follows an action and is another: "put in the honey stir it till it is gone". */
export function laterAction({ row, after }: FoundAction, length: number): readonly Token[] | undefined {
  const next = actionIn(after);
  if (!next || next.negated || next.row.vague) return undefined;
  if (next.before.length === 0 && next.row.words !== 'add') return undefined;
  const puts = next.row.adds === true && !next.row.vague && !row.adds;
  return puts || length > DICTATED_FROM ? after.slice(next.before.length) : undefined;
}

/** What is waited for before something is done, as the words behind it say: "once it has cooled to 40 °C". */
export function conditionIn(after: readonly Token[]): readonly Token[] | undefined {
  const at = after.findIndex(({ text }) => CONDITIONS.has(text));
  if (at < 0) return undefined;
  const waited = actionIn(after.slice(at));
  const acts = waited !== undefined && !waited.negated && !waited.row.vague;
  return acts || slotsOf(after.slice(at)).celsius !== undefined ? after.slice(at) : undefined;
}

/** "Half the water" in what is done with it. */
export function shareIn(tokens: readonly Token[]): readonly Token[] | undefined {
  const at = tokens.findIndex(
    ({ kind, low }, index) => kind === 'number' && low < 1 && tokens[index + 1]?.text === 'the',
  );
  if (at < 0) return undefined;
  const words = tokens.slice(at + 2, at + 5).map(({ text }) => text);
  const name = nameIn(words, ['fresh', 'dried', 'ground']);
  return name?.from === 0 ? tokens.slice(at, at + 2 + name.to) : undefined;
}

/** Numbers with their units of time, in a phrase. */
export const tokensOfTime = (all: readonly Token[]): ReadonlySet<Token> => {
  const taken = new Set<Token>();
  all.forEach((token, at) => {
    const next = all[at + 1];
    const long = next && LONG_WORDS.has(next.text) ? all[at + 2] : undefined;
    if (token.kind !== 'number' || !next) return;
    if (slotsOf([token, next, ...(long ? [long] : [])]).minutes === undefined) return;
    taken.add(token).add(next);
    if (long) taken.add(long);
  });
  return taken;
};
