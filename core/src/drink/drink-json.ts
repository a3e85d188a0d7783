/** Something wrong in a file: where, what, and what to do. */
export interface DrinkProblem {
  /** As in `steps[2].add`. */
  readonly at: string;
  readonly text: string;
  readonly message: string;
}

export type Json = Record<string, unknown>;

export const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A value as it stands in the file, cut short. */
export const show = (value: unknown): string => (value === undefined ? '' : JSON.stringify(value)).slice(0, 80);
