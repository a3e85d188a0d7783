import type { Choice, Reading } from '../read';

/** A choice that is an amount: "1 tsp". */
const AMOUNT = /^[\d½¼¾⅓⅔]/;
/** Measures of no size, with the number or the article before them. */
const LOOSE =
  /(?:\b(?:a|an|one|some)\s+|\b[\d½¼¾⅓⅔./]+\s+)?(?:likkle |little |small |big )?\b(?:splash|glug|squeeze|drizzle|twist|grating|bit|knob|shot|glass|bottle|bowl|jar|can|tin|carton|punnet|dropper|handful|wedge|scoop)(?:e?s)?\b(?: of(?= ))?/i;
const SPOON = /\bspoon(?:ful)?s?\b/i;

const UNITS = /\b(?:tsp|tbsp|cups?|pinch(?:es)?|fl|oz|ml|cm|grams?)\b/gi;
/** A word that names a thing. */
const NAMED = /[a-z]{3}/i;

/** A text with a part of it said in another way; nothing where that part is not in it. */
function replaced(text: string, part: RegExp, by: string): string | undefined {
  return part.test(text) ? text.replace(part, by) : undefined;
}

/** A line as it would be if a question were answered so; nothing where the answer does not say how. */
function editOf(text: string, { reads }: Reading, says: string): string | undefined {
  const [only, ...more] = reads;
  const name = only?.ingredient?.split(',')[0] ?? '';
  if (reads.some(({ relative }) => relative !== null)) return undefined;
  // A choice that is a whole addition is the line.
  if (more.length === 0 && /\d/.test(says) && NAMED.test(says.replace(UNITS, ''))) return says;
  if (/^(?:tsp|tbsp)$/.test(says)) return replaced(text, SPOON, says);
  if (AMOUNT.test(says))
    return replaced(text, LOOSE, says) ?? (more.length === 0 && name ? `${says} ${name}` : undefined);
  const head = says.split(' ').at(-1)!;
  return replaced(text, new RegExp(`\\b${head.replace(/[^a-z]/gi, '')}\\b`, 'i'), says);
}

/** A temperature in the one scale that is meant in the other. */
const CELSIUS = /(\d+) ?°? ?C\b/i;
/** An amount that depends on another, of which nobody knows whether it is weighed or poured. */
const AS_MUCH = /\b(?:(?:same|equal) (?:amount|quantity|measure)(?: of \w+)?|as much \w+ as (?:the |there is )?\w+)/i;

/** Answers that follow from the question alone: the other scale, by weight or by volume. */
export function usualAnswers(text: string, ask: string): readonly Choice[] {
  const said = CELSIUS.exec(text)?.[1];
  if (said !== undefined && ask.includes('°F')) return [{ says: `${said} °F`, edit: text.replace(CELSIUS, '$1 °F') }];
  if (!/by weight or by volume/i.test(ask) || !AS_MUCH.test(text)) return [];
  return ['by weight', 'by volume'].map((how) => ({
    says: how,
    edit: text.replace(AS_MUCH, (amount) => `${amount} ${how}`),
  }));
}

/** The answers to a question of a line, each with the line as it would be; those that do not say how are left out. */
export const lineEdits = (text: string, reading: Reading, choices: readonly Choice[]): readonly Choice[] =>
  choices.flatMap(({ says }) => {
    const edit = editOf(text, reading, says);
    return edit === undefined || edit === text ? [] : [{ says, edit }];
  });
