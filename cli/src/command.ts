/** What the command reads from and prints to; passed in, so that tests can watch. */
export interface Surroundings {
  readonly readFile: (path: string) => string;
  readonly print: (text: string) => void;
  readonly complain: (text: string) => void;
}

/** Exit codes: done; anything unforeseen; the input is wrong. */
export const EXIT = { done: 0, failed: 1, wrongInput: 2 } as const;

/** A problem with what was asked, to be printed and answered with {@link EXIT.wrongInput}. */
export class WrongInput extends Error {}

/** One verb of the command: takes its arguments, returns what is to be printed: text as it is, anything else as JSON. */
export type CommandVerb = (args: readonly string[], surroundings: Surroundings) => unknown;
