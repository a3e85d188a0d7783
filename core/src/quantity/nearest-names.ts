import { distance } from 'fastest-levenshtein';

/** Two letters that changed places are one slip, not two. */
const swapped = (a: string, b: string): boolean =>
  a.length === b.length && [...a].sort().join('') === [...b].sort().join('');

/** Names further away than this share of their length are not worth proposing. */
const FARTHEST = 0.5;

/**
 * The known names nearest to a word by edit distance, names that begin with it first.
 *
 * @param word as written, in small letters
 * @param names what is known
 * @param most how many to return
 */
export function nearestNames(word: string, names: Iterable<string>, most: number): readonly string[] {
  const scored: { name: string; score: number }[] = [];
  for (const name of names) {
    const starts = name.startsWith(word) || name.split(' ').includes(word);
    const score = starts
      ? 0.1 * (1 - word.length / name.length)
      : (distance(word, name) / Math.max(word.length, name.length)) * (swapped(word, name) ? 0.5 : 1);
    if (score <= FARTHEST) scored.push({ name, score });
  }
  return scored
    .sort((a, b) => a.score - b.score || a.name.localeCompare(b.name))
    .slice(0, most)
    .map(({ name }) => name);
}
