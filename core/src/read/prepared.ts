import type { ActionFrame } from './action-frame';
import { PREPARED_WORDS } from './en/ingredient-names';
import { COURTESY } from './en/noise';
import type { Token } from './tokens';
import { isUnit } from './units';

/** "3 tbsp sea moss gel", "20 mL of the base": so much of something that was made before. */
export function preparedIn(tokens: readonly Token[]): ActionFrame | undefined {
  const at = tokens.findIndex(({ kind, article }) => kind === 'number' && !article);
  const [number, unit] = [tokens[at], tokens[at + 1]];
  if (!number || !unit || !isUnit(unit.text)) return undefined;
  const rest = tokens.slice(at + 2);
  const last = rest.findIndex(({ text }) => PREPARED_WORDS.has(text));
  if (last < 0) return undefined;
  const words = rest.slice(0, last + 1);
  // What else is said in between would be another thing.
  if (words.some(({ kind }) => kind !== 'word')) return undefined;
  const name = words.flatMap(({ text }) => (COURTESY.has(text) || text === 'the' ? [] : [text])).join(' ');
  return {
    step: { verb: 'use', text: `${number.text} ${unit.text} ${name}` },
    minutes: null,
    celsius: null,
    relative: null,
    with: {},
    unread: [],
    ask: `Which of your drinks is the ${name}?`,
    thing: name,
  };
}
