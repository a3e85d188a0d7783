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
