/** What was weighed and drunk around an hour or two of effort. */
export interface SweatTest {
  readonly before_kg: number;
  readonly after_kg: number;
  readonly drunk_mL: number;
  readonly urine_mL: number;
  readonly minutes: number;
  /** Weighed without clothes, in the same dry ones, or in what was sweated into. */
  readonly clothes: 'none' | 'dry' | 'soaked';
  /** What skin and cloth look like afterwards, where that was seen. */
  readonly marks: 'none' | 'some' | 'white' | 'unknown';
}

/** A sweat test as it is kept. */
export interface KeptSweatTest extends SweatTest {
  readonly personId: string;
  readonly at: string;
}
