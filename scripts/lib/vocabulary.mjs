// @ts-check
/**
 * Words that whoever makes drinks at a stove stumbles over, and what is said instead. Lint holds every text of the
 * product against them, so that this is the one place where such a word is decided. What a figure means stands in
 * the glossary (app/src/domain/words/glossary.ts).
 *
 * @type {readonly { readonly never: string, readonly say: string }[]} `never` is a regular expression, any case
 */
export const VOCABULARY = [
  // Ours, and nobody else's.
  { never: String.raw`\breckon`, say: 'worked out' },
  { never: String.raw`\bof it yours\b`, say: 'your hands for' },
  { never: String.raw`\bas dried\b`, say: 'dry weight' },
  { never: String.raw`\bstands in for\b`, say: 'takes the place of' },
  // From the laboratory.
  { never: String.raw`\bcharge balance\b|\btabulated\b|\bmolality\b|\baliquot`, say: 'what is done or known, plainly' },
  { never: String.raw`\bwrite a mass\b`, say: 'write a weight' },
  // From the office.
  { never: String.raw`\busers?\b(?!:|-)`, say: 'the cook, the person, whoever' },
  { never: String.raw`\bclick`, say: 'press' },
  { never: String.raw`\butili[sz]e|\bin order to\b|\bsuccessful`, say: 'use, to, or nothing' },
  { never: String.raw`\boops\b|\binvalid (?:input|value|amount)`, say: 'where it is wrong, what, and what to do' },
  // A drink is no medicine.
  {
    never: String.raw`\bheals?\b|\bhealing\b|\bdetox|\bboosts?\b|\b(?:home|herbal) remed|\bimmunity\b`,
    say: 'nothing of the kind',
  },
];

const TEXTS = /** @type {const} */ (['JSXText[value=', 'Literal[value=', 'TemplateElement[value.raw=']);

/** The words as rows of ESLint's `no-restricted-syntax`. */
export const UNSAID = VOCABULARY.flatMap(({ never, say }) =>
  TEXTS.map((text) => ({ selector: `${text}/${never}/i]`, message: `Not said here; say: ${say}.` })),
);
