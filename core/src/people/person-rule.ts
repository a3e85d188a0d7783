import type { Severity } from '../caution';
import type { DrinkFacts } from './drink-facts';
import type { PersonNow } from '../household';

/** A rule about a drink and a person: whom it is about, when it fires, and what it says then. */
export interface PersonRule {
  readonly code: string;
  /** stop: not for them. warn: ask or take care first. note: good to know. */
  readonly severity: Severity;
  /** Whom it is about. */
  readonly about: (person: PersonNow) => boolean;
  /** Whether a serving of the drink is something for them to know of. */
  readonly fires: (facts: DrinkFacts, person: PersonNow) => boolean;
  /** What it is about, in a word or two that fit behind "not for Wren:". */
  readonly what: string;
  readonly text: (facts: DrinkFacts, person: PersonNow) => string;
  readonly source: string;
}
