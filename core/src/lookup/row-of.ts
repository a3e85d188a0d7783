/**
 * The row of a table under a word that somebody wrote. The names that every object inherits, such as "constructor",
 * are no rows.
 */
export function rowOf<Row>(table: Readonly<Record<string, Row>>, word: string): Row | undefined {
  return Object.hasOwn(table, word) ? table[word] : undefined;
}
