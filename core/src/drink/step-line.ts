import type { DrinkStep } from './drink';
import type { StepClause } from './verb-row';
import { VERBS, VERB_TABLE, type Verb } from './verbs';

/**
 * Steps as people type them in one line: "simmer 35 min lid ajar", "strain through cloth", "2 tbsp honey".
 * What a line begins with decides the verb; what is not a verb is added to the pot.
 */

/** Beginnings of lines and the verb they mean, longest first; `lead` is put before the rest. */
const BEGINNINGS: readonly (readonly [RegExp, Verb, lead?: string])[] = [
  [/^(?:stir|mix|fold|pour|drop|put|squeeze|whisk|blend|shake) in(?:to the pot)?\s+/i, 'add'],
  [/^add\s+/i, 'add'],
  [/^use\s+/i, 'use'],
  [/^(?:bring|heat|warm)(?: it| up)*(?: gently)?\s+to\s+(?:the |a )?/i, 'heat', 'to '],
  [/^(?:heat|warm)(?: up)?\b/i, 'heat'],
  [/^(?:let (?:it )?|leave (?:it )?to )?simmer\b/i, 'simmer'],
  [/^(?:let (?:it )?)?boil(?: down)?\s+to\b/i, 'reduce', 'to'],
  [/^(?:let (?:it )?)?boil\b/i, 'boil'],
  [/^reduce\s+by half\b/i, 'reduce', 'to half'],
  [/^reduce\b/i, 'reduce'],
  [/^(?:let (?:it )?|leave (?:it )?to )?(?:steep|macerate)\b/i, 'steep'],
  [/^(?:let (?:it )?|leave (?:it )?to )?infuse\b/i, 'infuse'],
  [/^(?:let (?:it )?)?(?:rest|stand)\b|^leave\b/i, 'rest'],
  [/^rinse(?: pass)?(?: again)?(?: with)?\b/i, 'rinsePass'],
  [/^(?:strain|filter|sieve)\b/i, 'strain'],
  [/^(?:press|juice(?! of\b)|squeeze)\b/i, 'press'],
  [/^(?:let (?:it )?)?cool(?: down)?\b/i, 'cool'],
  [/^chill\b/i, 'chill'],
  [/^(?:store|keep)\b/i, 'store'],
  [/^(?:bottle|fill|jar)(?: (?:into|in))?(?=\s+\d)/i, 'bottle'],
  [/^(?:process|can)\b/i, 'process'],
  [/^(?:top up|carbonate|fizz)\b/i, 'carbonate'],
  [/^(?:take out|lift out|remove)\b/i, 'remove'],
  [/^draw(?: off)?\b/i, 'draw'],
  [/^(?:crush|mash|muddle|bruise)\b/i, 'mash'],
  [/^(?:grind|mill)\b/i, 'mill'],
  ...VERBS.filter((verb) => verb !== 'add' && verb !== 'bottle' && verb !== 'rinsePass').map(
    (verb) => [new RegExp(`^${verb}\\b`, 'i'), verb] as const,
  ),
];

type TextQualifier =
  'lid' | 'burner' | 'pot' | 'at' | 'in' | 'as' | 'for' | 'strain' | 'headspace' | 'altitude' | 'method' | 'loadLimit';
interface Clause {
  readonly name: TextQualifier;
  /** What it is called in the table of verbs; its name, where that is no other. */
  readonly clause?: StepClause;
  readonly reads: RegExp;
  /** What is written for a value, to be read back as the same. */
  readonly writes: (value: string) => string;
  /** Words that stand for another value. */
  readonly means?: Readonly<Record<string, string>>;
}

/** Clauses of a line, by what they say; a value is the first group that matched. */
const CLAUSES: readonly Clause[] = [
  {
    name: 'lid',
    reads: /\b(?:with )?(?:the )?lid (on|off|ajar)\b|\b(uncovered|partly covered|half covered|covered)\b/i,
    writes: (value) => `lid ${value}`,
    means: { uncovered: 'off', covered: 'on', 'partly covered': 'ajar', 'half covered': 'ajar' },
  },
  {
    name: 'burner',
    reads:
      /\bon (?:the |a )?((?:gas )?(?:small|medium|large)(?: gas)?|coil|ceramic|induction|kettle|\d+(?:\.\d+)? ?k?w)\b/i,
    writes: (value) => `on ${value}`,
    means: {
      small: 'gas small',
      medium: 'gas medium',
      large: 'gas large',
      'small gas': 'gas small',
      'medium gas': 'gas medium',
      'large gas': 'gas large',
    },
  },
  {
    name: 'pot',
    reads: /\bin (?:the |a )?((?:small |large )?(?:saucepan|stock pot)|wide pan|\d+(?:\.\d+)? ?cm(?: pot| pan)?)\b/i,
    writes: (value) => `in ${value}`,
  },
  {
    name: 'at',
    reads:
      /\b(off)(?: the)? heat\b|\b(?:at|in) (?:the |a )?((?:cool )?room(?: temperature)?|fridge|cellar|pantry|dark cupboard|cupboard|-?\d+(?:\.\d+)? ?°? ?[cf])(?![a-z])/i,
    writes: (value) =>
      value === 'off heat' ? value : /^(?:room|-?\d)/.test(value) ? `at ${value}` : `in the ${value}`,
    means: { off: 'off heat', 'room temperature': 'room' },
  },
  {
    name: 'in',
    clause: 'coolIn',
    reads:
      /\bin (?:the |an? )?((?:stirred )?ice(?: bath| water)?|cold water|sink|jars?|bottles?|pot|pan|fridge|room)\b/i,
    writes: (value) => `in ${value}`,
  },
  { name: 'in', clause: 'soakIn', reads: /\bin (\d.*)$/i, writes: (value) => `in ${value}` },
  {
    name: 'for',
    clause: 'washFor',
    reads: /\bfor (\d[\d.]* ?(?:s|sec|min|minutes?|h|hours?))\b/i,
    writes: (value) => `for ${value}`,
  },
  {
    name: 'strain',
    clause: 'rinseThrough',
    reads:
      /\bstrain(?:ed|ing)?(?: again)?(?: through(?: the| a)?)? (mesh|cloth|press|mill|drain|(?:fine|paper) filter)\b/i,
    writes: (value) => `strain ${value}`,
  },
  { name: 'in', clause: 'washIn', reads: /\bin (.+)$/i, writes: (value) => `in ${value}` },
  { name: 'as', reads: /\bas (.+)$/i, writes: (value) => `as ${value}` },
  {
    name: 'headspace',
    reads:
      /\b(?:leave |with )?(\d[\d./]* ?(?:cm|mm|ml|in(?:ch(?:es)?)?)) (?:head ?space|free)\b|\bheadspace (\S+ ?\S*)$/i,
    writes: (value) => `${value} headspace`,
  },
  {
    name: 'altitude',
    reads: /\bat (\d[\d.]* ?(?:m|ft|feet|metres?|meters?))\b/i,
    writes: (value) => `at ${value}`,
  },
  {
    name: 'method',
    reads: /\bin (?:a |the )?((?:hot|boiling)[- ]water bath)\b/i,
    writes: (value) => `in a ${value}`,
  },
  {
    name: 'loadLimit',
    reads: /\b(?:in )?loads of (\d[\d.]* ?(?:ml|l|litres?))\b/i,
    writes: (value) => `in loads of ${value}`,
  },
];

const FLAG_CLAUSES: readonly { name: 'keepLiquid' | 'gently' | 'eaten'; reads: RegExp; writes: string }[] = [
  { name: 'keepLiquid', reads: /\bkeep(?:ing)? (?:the )?(?:liquid|water)\b/i, writes: 'keep the liquid' },
  { name: 'eaten', reads: /\s*[,;]\s*(?:to be )?eaten,?(?: too| with it)?$/i, writes: 'eaten too' },
  { name: 'gently', reads: /\b(?:gently|without (?:pressing|wringing))\b/i, writes: 'gently' },
];

const takes = (verb: Verb, clause: string): boolean => (VERB_TABLE[verb].takes as readonly string[]).includes(clause);

/** "do not boil", "without letting it boil": a limit, kept as what the cook is told. */
const NOT_TO_BOIL =
  /[\s,;(]*\b(?:but )?(?:(?:do not|don'?t|never)(?: let (?:it|them))? boil|without (?:letting (?:it|them) )?boil(?:ing)?|below the boil)\b\)?/i;
const NOT_TO_BOIL_NOTE = 'do not boil';

/** Words between the verb and its value that say nothing. */
const FILLERS =
  /^(?:it|them|everything|gently|slowly|for|about|through|into|off|until dissolved|over(?:night)?|again|a(?! little))\s+/i;
const tidy = (text: string): string => {
  let rest = text
    .replace(/\s*[,;]\s*(?=[,;]|$)/g, '')
    .replace(/\s{2,}/g, ' ')
    .replace(/^[\s,;:]+|[\s,;.]+$/g, '');
  for (let before = ''; before !== rest;) {
    before = rest;
    rest = rest.replace(FILLERS, '');
  }
  return rest.replace(/^for$|^until dissolved$/i, '');
};

/** Values that are written with an article or a word that the verb does not need. */
const VALUE: Readonly<Partial<Record<Verb, (text: string) => string>>> = {
  strain: (text) => text.replace(/^(?:a|the)\s+/i, ''),
  press: (text) => text.replace(/^(?:with|in)\s+(?:a |the )?/i, ''),
  store: (text) => text.replace(/^(?:in|at)\s+(?:a |the )?/i, ''),
  remove: (text) => text.replace(/^(?:the)\s+/i, ''),
  carbonate: (text) => (/^with\b|volumes?/i.test(text) ? text : text && `with ${text}`),
  cool: (text) => (text === '' || /^to\b/i.test(text) ? text : `to ${text}`),
  chill: (text) => (text === '' || /^to\b/i.test(text) ? text : `to ${text}`),
  heat: (text) => (/^to\b/i.test(text) ? text : text && `to ${text}`),
  reduce: (text) => (/^(?:to|by)\b/i.test(text) ? text : text && `to ${text}`),
};

/** What begins with no verb is something to add. */
const ANYTHING = [/^/, 'add'] as const;

/**
 * A typed line as a step. Never fails: what is no known verb is taken as something to add, and is refused
 * later, where it stands, if it cannot be read.
 */
export function stepFromLine(line: string): DrinkStep {
  const text = line.trim().replace(/\s+/g, ' ');
  const found = BEGINNINGS.find(([pattern]) => pattern.test(text));
  const [pattern, verb, lead = ''] = found ?? ANYTHING;
  let rest = `${lead}${text.replace(pattern, '')}`;
  const qualifiers: Record<string, string | boolean> = {};
  if (NOT_TO_BOIL.test(rest)) {
    qualifiers.note = NOT_TO_BOIL_NOTE;
    rest = rest.replace(NOT_TO_BOIL, '');
  }
  for (const { name, reads } of FLAG_CLAUSES)
    if (takes(verb, name) && reads.test(rest)) {
      qualifiers[name] = true;
      rest = rest.replace(reads, '');
    }
  if (verb === 'add' || verb === 'use') return { verb, text: rest.trim(), ...qualifiers };
  for (const { name, clause, reads, means } of CLAUSES) {
    const match = takes(verb, clause ?? name) && qualifiers[name] === undefined ? reads.exec(rest) : null;
    if (!match) continue;
    const value = match
      .slice(1)
      .find((each) => each !== undefined)!
      .replace(/[\s,;]+$/, '');
    qualifiers[name] = means?.[value.toLowerCase()] ?? value;
    rest = rest.slice(0, match.index) + rest.slice(match.index + match[0].length);
  }
  const value = tidy(rest);
  return { verb, text: (VALUE[verb] ?? ((each: string) => each))(value), ...qualifiers };
}

/** A step as the line it is edited as; {@link stepFromLine} reads the same step from it. */
export function lineFromStep(step: DrinkStep): string {
  const { verb, text } = step;
  const parts = [[VERB_TABLE[verb].line, text].filter(Boolean).join(' ')];
  for (const { name, clause, writes } of CLAUSES)
    if (takes(verb, clause ?? name) && step[name] && !parts.some((part) => part === writes(step[name]!)))
      parts.push(writes(step[name]));
  for (const { name, writes } of FLAG_CLAUSES) if (takes(verb, name) && step[name]) parts.push(writes);
  return parts.join(', ');
}

/** Whether a note or a text says that what is in the pot must not boil. */
export const forbidsBoiling = (words: string): boolean => NOT_TO_BOIL.test(` ${words}`);
