import { waterActivityOf } from '../../liquid';
import type { CookingPot } from '../../equipment';
import {
  BURNER_CV,
  SURFACE_EVAPORATION_CV,
  boilOff,
  latentHeat,
  potArea,
  surfaceEvaporation,
  type Lid,
} from '../../process';
import { formatNumber, isUnreadable, type Unreadable } from '../../quantity';
import type { Column } from '../chance';
import { readBurner, readLid, readPot } from '../read-qualifiers';
import type { StepContext, StepNote } from '../step-run';

/** Water activity of the pot in sample 0; 1 for nothing. */
export const activityOf = ({ pot }: StepContext): number =>
  pot.dry ? 1 : (waterActivityOf(pot.liquid.composition(0)) ?? 1);

/** A pot on a burner, under its lid. */
export interface Stove {
  readonly pot: CookingPot;
  readonly power_W: number;
  readonly lid: Lid;
  readonly notes: StepNote[];
}

/** A named pot is too full above this share of what it holds. */
const OVERFULL = 0.85;

/** The stove of a step, as its words and the kitchen have it. */
export function stoveOf(context: StepContext, usualLid: Lid): Stove | Unreadable {
  const { step, kitchen, pot } = context;
  const lid = readLid(step, usualLid);
  if (isUnreadable(lid)) return lid;
  const power_W = readBurner(step, kitchen);
  if (typeof power_W !== 'number') return power_W;
  const volume_mL = pot.liquid.volumes()[0]! + pot.solids.reduce((sum, { grams }) => sum + grams[0]!, 0);
  const chosen = readPot(step, kitchen, volume_mL);
  if ('kind' in chosen) return chosen;
  const notes: StepNote[] = [];
  if (volume_mL > OVERFULL * chosen.pot.holds_mL)
    notes.push({
      code: 'vessel-overfull',
      text: `${formatNumber(volume_mL)} mL is too much for a pot that holds ${formatNumber(chosen.pot.holds_mL)} mL: it will boil over. Use a larger pot or make it in two parts.`,
    });
  return { pot: chosen.pot, power_W, lid, notes };
}

/** What a burner gives in some minutes, kJ. */
export const heatOf = (power_W: number, minutes: number): number => (power_W * minutes * 60) / 1000;

/** What a pot takes that is held at a heat, W: the whole burner at the boil; below it, what is lost and steams away. */
export const heldBy = (
  { kitchen }: StepContext,
  { power_W, pot }: Stove,
  at: { readonly temperature_C: number; readonly boiling: boolean; readonly steam_g_min: number },
): number =>
  at.boiling
    ? power_W
    : Math.min(
        power_W,
        pot.loss_W_K * (at.temperature_C - kitchen.room_C) + (at.steam_g_min / 60) * latentHeat(at.temperature_C),
      );

/** Steam that leaves in a minute, g, below the boil or at it. */
export function steamRate(context: StepContext, stove: Stove, temperature_C: number, boiling: boolean): number {
  const { kitchen } = context;
  const kg_h = boiling
    ? boilOff(stove.power_W, stove.pot.loss_W_K, temperature_C, kitchen.room_C)
    : surfaceEvaporation({
        area_m2: potArea(stove.pot),
        temperature_C,
        room_C: kitchen.room_C,
        humidity: kitchen.humidity,
        lid: stove.lid,
        waterActivity: activityOf(context),
      });
  return (1000 * kg_h) / 60;
}

/** How far the burner is off: what heats up faster boils off faster, too. */
export const burnerSpread = ({ pot, step, kitchen }: StepContext): Column =>
  pot.chance.shared(`burner:${(step.burner ?? kitchen.burner).trim().toLowerCase()}`, BURNER_CV);
/** How far steam is off. */
export const steamSpread = (context: StepContext, stove: Stove, boiling: boolean): Column =>
  boiling
    ? burnerSpread(context)
    : context.pot.chance.shared(`evaporation:${potName(context, stove)}`, SURFACE_EVAPORATION_CV);

/** What the kitchen calls a pot; its width where it has no name. */
const potName = ({ kitchen }: StepContext, { pot }: Stove): string =>
  Object.keys(kitchen.pots).find((name) => kitchen.pots[name] === pot) ?? `${Math.round(100 * pot.diameter_m)} cm`;
