export type Dimension = 'mass' | 'volume' | 'length' | 'piece' | 'capsule';

/** The tool a volume is measured with; each errs in its own way. */
export type MeasureTool = 'spoon' | 'cup' | 'jug' | 'drop' | 'hand';

/** A unit as people name it. `size` is in g, mL, cm or pieces, by dimension. */
export interface Unit {
  readonly id: string;
  readonly name: string;
  readonly plural: string;
  readonly dimension: Dimension;
  readonly size: number;
  readonly tool?: MeasureTool;
  /** Spread of the measure itself, where it is not that of a spoon, a jug or a scale. */
  readonly cv?: number;
  readonly aliases: readonly string[];
}
