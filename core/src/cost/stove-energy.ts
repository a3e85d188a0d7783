import type { Drink } from '../drink';
import type { KitchenSettings } from '../kitchen';
import { burnerDraws } from '../equipment';
import type { Trace } from '../simulate';

/** What a burner drew for a batch. */
export interface StoveEnergy {
  readonly burner: string;
  readonly fuel: 'gas' | 'electricity';
  readonly kWh: number;
}

const KJ_PER_KWH = 3600;

/**
 * What the stove draws: the heat that went into the pot, by its power and minutes, over the share of what a burner draws
 * that reaches a pot. Below the boil a burner is turned down to what the pot loses.
 *
 * @param drink whose steps say on which burner
 * @param trace of the same steps
 * @param settings of the kitchen, with its burners
 */
export function stoveEnergy(
  { steps }: Pick<Drink, 'steps'>,
  { entries }: Pick<Trace, 'entries'>,
  settings: Pick<KitchenSettings, 'burners' | 'usualBurner'>,
): readonly StoveEnergy[] {
  const drawn = new Map<string, StoveEnergy>();
  for (const { step, heat_kJ } of entries) {
    if (!heat_kJ) continue;
    const burner = (steps[step]?.burner ?? settings.usualBurner).trim();
    const own = settings.burners.find(({ name }) => name.trim().toLowerCase() === burner.toLowerCase());
    const { fuel, share } = burnerDraws(burner, own);
    const before = drawn.get(burner.toLowerCase())?.kWh ?? 0;
    drawn.set(burner.toLowerCase(), { burner, fuel, kWh: before + heat_kJ / KJ_PER_KWH / share });
  }
  return [...drawn.values()];
}
