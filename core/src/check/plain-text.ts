import { readSource } from './source/read-source';

/**
 * A source in plain lines, as a person would write them: what a page, a table or data hold of a recipe.
 *
 * @param source of a file, or pasted
 */
export const plainText = (source: string): string =>
  readSource(source)
    .map(({ text }) => text)
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
