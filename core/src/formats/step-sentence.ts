import { FLAG_QUALIFIERS, TEXT_QUALIFIERS, VERBS, VERB_TABLE, type DrinkStep, type Verb } from '../drink';

/** A step as a sentence: "Simmer 45 min; lid off". */
export function stepSentence(step: DrinkStep): string {
  const head = [VERB_TABLE[step.verb].sentence, step.text.trim()].filter(Boolean).join(' ');
  const qualifiers = [
    ...TEXT_QUALIFIERS.filter((name) => name !== 'note' && step[name] !== undefined).map(
      (name) => `${name} ${step[name]}`,
    ),
    ...FLAG_QUALIFIERS.filter((name) => step[name]),
  ];
  return [head, ...qualifiers].join('; ');
}

const SPOKEN_VERBS = [
  ...VERBS.map((verb) => [VERB_TABLE[verb].sentence.toLowerCase(), verb] as const),
  ...VERBS.map((verb) => [verb.toLowerCase(), verb] as const),
].sort((a, b) => b[0].length - a[0].length);

const DURATION_LAST =
  /^(?:.*?\bfor )?(?:about |another |at least )?(\d[\d\s./-]*(?:seconds?|sec|minutes?|mins?|hours?|hrs?|days?|weeks?|h|d)\b).*$/i;

function textFor(verb: Verb, rest: string): string {
  const { time, bare } = VERB_TABLE[verb];
  if (time === 'value') return (DURATION_LAST.exec(rest)?.[1] ?? rest).trim();
  if (bare) return DURATION_LAST.exec(rest)?.[1]?.trim() ?? '';
  return rest.replace(/\.$/, '').trim();
}

/**
 * A sentence as a step, when it begins with a verb that is known: "Simmer for 20 minutes." or what
 * {@link stepSentence} wrote.
 *
 * @returns the step, or undefined when the sentence is none
 */
export function sentenceStep(sentence: string): DrinkStep | undefined {
  const [head = '', ...parts] = sentence.trim().split(/;\s*/);
  const found = SPOKEN_VERBS.find(([words]) => new RegExp(`^${words}\\b`, 'i').test(head));
  if (!found) return undefined;
  const [words, verb] = found;
  const qualifiers: Record<string, string | boolean> = {};
  for (const part of parts) {
    const [name = '', ...value] = part.split(' ');
    if ((FLAG_QUALIFIERS as readonly string[]).includes(part)) qualifiers[part] = true;
    else if ((TEXT_QUALIFIERS as readonly string[]).includes(name) && value.length > 0)
      qualifiers[name] = value.join(' ');
  }
  return { verb, text: textFor(verb, head.slice(words.length).trim()), ...qualifiers };
}
