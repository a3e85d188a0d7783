import { BURNERS } from './burners';
import { COOKING_POTS, type CookingPot } from './pots';

/**
 * How a kitchen differs from the tables, as far as its own readings tell: by process, such as `evaporation:saucepan`
 * or `strainer:cloth`, a factor and what is left of its spread.
 */
export type Habits = Readonly<Record<string, { readonly factor: number; readonly cv: number }>>;

/** What a kitchen is like where nobody has said otherwise. */
export interface Kitchen {
  readonly room_C: number;
  readonly humidity: number;
  readonly altitude_m: number;
  readonly fridge_C: number;
  readonly coolRoom_C: number;
  /** Temperature of what comes from the tap and the cupboard. */
  readonly tap_C: number;
  /** Pots there are, by name. */
  readonly pots: Readonly<Record<string, CookingPot>>;
  /** Pot where a step names none; the next larger one is taken when this is too small. */
  readonly pot: string;
  /** Burners there are, by name: watts that reach a pot. */
  readonly burners: Readonly<Record<string, number>>;
  readonly burner: string;
  readonly blenderJug_mL: number;
  readonly habits?: Habits;
}

export const DEFAULT_KITCHEN: Kitchen = {
  room_C: 21,
  humidity: 0.45,
  altitude_m: 0,
  fridge_C: 4,
  coolRoom_C: 14,
  tap_C: 20,
  pots: COOKING_POTS,
  pot: 'saucepan',
  burners: BURNERS,
  burner: 'gas medium',
  blenderJug_mL: 1500,
};
