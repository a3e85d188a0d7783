/** A recipe has no more letters than that: what is kept of it with its drink holds as many. */
export const LONGEST_CHECK = 20_000;
