import { ALCOHOL_LEAVES_AT_C, alcoholLeft, vitaminCLossRate } from '../process';
import { isEven, type Column } from './chance';
import { extractFor } from './extract';
import type { WorkingPot } from './pot';

function loseVitaminC(pot: WorkingPot, minutes: Column, temperature_C: Column): void {
  const vitamin = pot.liquid.column('ascorbic_mmol');
  const even = isEven(temperature_C) ? vitaminCLossRate(temperature_C[0]!) : undefined;
  for (let sample = 0; sample < vitamin.length; sample += 1) {
    const rate = even ?? vitaminCLossRate(temperature_C[sample]!);
    const lost = vitamin[sample]! * (1 - Math.exp(-rate * minutes[sample]!));
    vitamin[sample]! -= lost;
    pot.ledger.vitaminC_mmol[sample]! += lost;
  }
}

function loseAlcohol(pot: WorkingPot, minutes: Column, temperature_C: Column): void {
  const spirit = pot.liquid.column('ethanol_g');
  if (temperature_C[0]! < ALCOHOL_LEAVES_AT_C || spirit[0] === 0) return;
  const left = alcoholLeft(pot.hotMinutes + minutes[0]!) / alcoholLeft(pot.hotMinutes);
  pot.hotMinutes += minutes[0]!;
  const kcal = pot.liquid.column('energy_kcal');
  for (let sample = 0; sample < spirit.length; sample += 1) {
    const lost = spirit[sample]! * (1 - left);
    spirit[sample]! -= lost;
    kcal[sample]! -= lost * ETHANOL_kcal_g;
    pot.ledger.spirit_g[sample]! += lost;
  }
}
const ETHANOL_kcal_g = 6.93;

/**
 * Lets time pass at a temperature: plants give, vitamin C and alcohol leave.
 *
 * @param pot changed in place
 * @param minutes in each sample
 * @param temperature_C in each sample
 * @param goesOn more of the same stretch follows at once
 */
export function elapse(pot: WorkingPot, minutes: Column, temperature_C: Column, goesOn = false): void {
  extractFor(pot, minutes, temperature_C, goesOn);
  if (pot.dry) return;
  loseVitaminC(pot, minutes, temperature_C);
  loseAlcohol(pot, minutes, temperature_C);
}

/** Water that can boil away before the pot is called dry: all but a twentieth. */
const DRY_SHARE = 0.95;

/**
 * Takes water out of the pot as steam, never more than {@link DRY_SHARE} of it.
 *
 * @returns whether it would have boiled dry in sample 0
 */
export function evaporate(pot: WorkingPot, steam_g: Column): boolean {
  const water = pot.liquid.column('water_g');
  let driest = false;
  for (let sample = 0; sample < water.length; sample += 1) {
    const most = water[sample]! * DRY_SHARE;
    const lost = Math.min(Math.max(0, steam_g[sample]!), most);
    if (sample === 0 && steam_g[0]! > most) driest = true;
    water[sample]! -= lost;
    pot.ledger.steam_g[sample]! += lost;
  }
  return driest;
}
