import type { Composition } from '../liquid';
import type { JuiceYields, PlantPart } from '../process';
import type { BulkDensityRow, Confidence, PieceRow, Role, RootRow, State, Texture } from './ingredient-row';

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
  /** Of one of the maker's own: ids of the catalogue's that its name speaks of. */
  readonly named?: readonly string[];
  readonly role: Role;
  readonly state: State;
  /** Contents of one gram; absent for things that can be measured but are not tabulated. */
  readonly composition?: Composition;
  readonly formula?: string;
  readonly solubility_g_100g?: number;
  readonly bulkDensities: readonly BulkDensity[];
  readonly pieces: readonly PieceRow[];
  readonly root?: RootRow;
  /** Juice as a share of the mass as bought, by method; absent where nobody presses it. */
  readonly juice?: JuiceYields;
  /** For a plant: how it holds and gives, whether it is dried, and what its juice is listed as. */
  readonly part?: PlantPart;
  readonly dried?: boolean;
  readonly juiceId?: string;
  readonly source: string;
  readonly confidence: Confidence;
}

export type { BulkDensityRow };
