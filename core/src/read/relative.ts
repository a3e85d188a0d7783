import { DEPENDING, FOR_EACH, HOW, SHARE, SHARE_WORDS } from './en/relative';
import type { Token } from './tokens';

/** An amount that depends on the pot. */
export interface Relative {
  readonly says: string;
  readonly rest: readonly Token[];
  readonly ask: string | null;
}

/** Finds an amount that depends on the pot, with the words that name the thing. */
export function relativeIn(tokens: readonly Token[]): Relative | undefined {
  const text = tokens.map((each) => each.text).join(' ');
  const mark = /\bto (\d[\d.]* (?:l|ml|litres?|cl))\b/.exec(text);
  const numbers = tokens.filter(({ kind, article }) => kind === 'number' && !article);
  if (mark && numbers.length === 1) return { says: `to ${mark[1]!}`, rest: without(tokens, mark[0]), ask: null };
  const each = FOR_EACH.exec(text);
  if (each && numbers.length > 1 - (each[1] === undefined ? 1 : 0))
    return {
      says: `for every ${each[1] ?? 1} ${/^l/.test(each[2]!) ? 'L' : each[2]!}`,
      rest: without(tokens, each[0]),
      ask: null,
    };
  const share = SHARE.exec(text);
  if (share && numbers.every(({ text: said }) => said === share[2])) {
    const says = share[2] === undefined ? 'the rest' : `${share[2]} of it`;
    return {
      says,
      rest: tokens.filter(({ kind, text: said }) => kind !== 'number' && !SHARE_WORDS.has(said)),
      ask: `How much is ${share[2] === undefined ? 'the rest' : 'that part'}?`,
    };
  }
  for (const [words, says, ask] of DEPENDING) {
    const match = words.exec(text);
    if (match) {
      const said = typeof says === 'string' ? says : says(match);
      const by = /\b(weight|volume)s?\b/.exec(text)?.[1];
      const how = by === 'volume' && said.startsWith('equal to') ? `${said} by volume` : said;
      const rest = without(tokens, thingless(match[0])).filter(({ text: word }) => by === undefined || !HOW.has(word));
      return { says: how, rest, ask: by ? null : ask };
    }
  }
  return undefined;
}

const thingless = (words: string): string => words.replace(/\b(?:of|as)\b.*$/, '').trim();

/** Tokens without those of some words in a row. */
function without(tokens: readonly Token[], words: string): readonly Token[] {
  const gone = words.split(' ');
  for (let from = 0; from + gone.length <= tokens.length; from += 1)
    if (gone.every((word, index) => tokens[from + index]!.text === word))
      return [...tokens.slice(0, from), ...tokens.slice(from + gone.length)];
  return tokens;
}

/** An amount that depends on the pot as a step of the drink file says it. */
export function relativeText(thing: string, says: string | null): string {
  if (says === null) return thing;
  if (says === 'the rest') return `the rest of the ${thing}`;
  const part = /^(0\.\d+) of it$/.exec(says)?.[1];
  if (part) return `${part === '0.5' ? 'half' : part} of the ${thing}`;
  const equal = /^equal to the (.+)$/.exec(says)?.[1];
  if (equal) return `as much ${thing} as ${equal}`;
  const times = /^([\d.]+) x the (.+)$/.exec(says);
  return times ? `${times[1]!} parts ${thing} to 1 part ${times[2]!}` : `${thing} ${says}`;
}
