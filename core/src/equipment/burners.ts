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
