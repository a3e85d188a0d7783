import type { Composition } from '../liquid/composition';
import type {
  BulkDensityRow,
  Confidence,
  JuiceYieldRow,
  PieceRow,
  Role,
  RootRow,
  State,
  Texture,
} from './ingredient-row';

export type { Confidence, Role, State, Texture };

/** Mass of a level millilitre as it lies in a measure. */
export interface BulkDensity {
  readonly form?: string;
  readonly density_g_mL: number;
  readonly cv: number;
  readonly texture: Texture | 'liquid';
}

/** Everything the catalogue knows of one thing that can go into a drink. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
  readonly role: Role;
  readonly state: State;
  /** Contents of one gram; absent for things that can be measured but are not tabulated. */
  readonly composition?: Composition;
  readonly formula?: string;
  readonly solubility_g_100g?: number;
  readonly bulkDensities: readonly BulkDensity[];
  readonly pieces: readonly PieceRow[];
  readonly root?: RootRow;
  readonly juice?: JuiceYieldRow;
  readonly source: string;
  readonly confidence: Confidence;
}

export type { BulkDensityRow };
