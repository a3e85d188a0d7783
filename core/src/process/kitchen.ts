import { STEEL_kJ_kgK } from './cooling';

/** A burner: what it draws, and how much of it reaches the pot. Source: ratings; efficiencies in print. */
export const BURNERS = {
  'gas small': 400,
  'gas medium': 720,
  'gas large': 1200,
  coil: 1080,
  ceramic: 1224,
  induction: 1530,
  kettle: 2112,
} as const satisfies Readonly<Record<string, number>>;

/** What of a burner's draw reaches a pot, by the words it goes by. Source: ratings; efficiencies in print. */
const BURNER_SHARES: readonly (readonly [word: string, share: number, fuel: Fuel])[] = [
  ['gas', 0.4, 'gas'],
  ['coil', 0.72, 'electricity'],
  ['ceramic', 0.68, 'electricity'],
  ['glass', 0.68, 'electricity'],
  ['induction', 0.85, 'electricity'],
  ['kettle', 0.88, 'electricity'],
];
/** A burner of which nothing is said: between a coil and ceramic glass. */
const USUAL_SHARE = 0.7;
export const FUELS = ['gas', 'electricity'] as const;
export type Fuel = (typeof FUELS)[number];

/**
 * What a burner draws on, and which share of that reaches a pot.
 *
 * @param name as the kitchen calls it, or watts
 * @param own what the kitchen says of it: its rating in W gives the share
 */
export function burnerDraws(
  name: string,
  own?: { readonly net_W: number; readonly rated_W?: number; readonly fuel?: Fuel },
): { readonly fuel: Fuel; readonly share: number } {
  const known = BURNER_SHARES.find(([word]) => name.toLowerCase().includes(word));
  const share = own?.rated_W ? Math.min(1, own.net_W / own.rated_W) : (known?.[1] ?? USUAL_SHARE);
  return { fuel: own?.fuel ?? known?.[2] ?? 'electricity', share };
}

/** A pot: its size, its own heat, what it loses with a lid on, and how much it holds to the brim. */
export interface CookingPot {
  readonly diameter_m: number;
  readonly mass_kg: number;
  readonly loss_W_K: number;
  readonly holds_mL: number;
}

/** Pots by the names people say. Source: common stainless-steel pots. */
export const COOKING_POTS = {
  'small saucepan': { diameter_m: 0.16, mass_kg: 0.8, loss_W_K: 0.7, holds_mL: 1500 },
  saucepan: { diameter_m: 0.2, mass_kg: 1.1, loss_W_K: 1, holds_mL: 3000 },
  'stock pot': { diameter_m: 0.24, mass_kg: 1.6, loss_W_K: 1.5, holds_mL: 6000 },
  'large stock pot': { diameter_m: 0.28, mass_kg: 2.2, loss_W_K: 2, holds_mL: 10000 },
  'wide pan': { diameter_m: 0.3, mass_kg: 1.8, loss_W_K: 1.8, holds_mL: 5000 },
} as const satisfies Readonly<Record<string, CookingPot>>;

/** A steel pot of a width, like {@link COOKING_POTS}: steel and losses grow with its area. */
export function potOfWidth(diameter_m: number, holds_mL?: number): CookingPot {
  const like = COOKING_POTS.saucepan;
  const scale = diameter_m / like.diameter_m;
  return {
    diameter_m,
    mass_kg: like.mass_kg * scale ** 2,
    loss_W_K: like.loss_W_K * scale ** 2,
    holds_mL: holds_mL ?? like.holds_mL * scale ** 3,
  };
}

/** Heat a pot itself takes up, kJ/K. */
export const potHeat = (pot: CookingPot): number => pot.mass_kg * STEEL_kJ_kgK;
/** Open surface of what is in a pot, m². */
export const potArea = (pot: Pick<CookingPot, 'diameter_m'>): number => (Math.PI / 4) * pot.diameter_m ** 2;

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

/** A gentle simmer, °C, where the boil allows it. */
export const SIMMER_C = 95;
/** A simmer stays at least this far below the boil, K. */
export const SIMMER_BELOW_BOIL_K = 2;
