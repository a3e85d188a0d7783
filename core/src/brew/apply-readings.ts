import { ingredientById } from '../catalogue';
import { VERB_TABLE, type Verb } from '../drink';
import { columnOf, solidMass, type Column, type StepNote, type WorkingPot } from '../simulate';
import type { Reading } from './brew-state';

/** So much of the water at most leaves a pot that is not said to be dry. */
const MOST_STEAM_SHARE = 0.95;
/** A reading and the pot agree within this share. */
const AGREES = 1e-3;

/** Puts water back that was thought to have left as steam, or takes more; g in each sample, as far as that goes. */
function exchangeSteam(pot: WorkingPot, wanted_g: Column): void {
  const water = pot.liquid.column('water_g');
  const { steam_g } = pot.ledger;
  for (let sample = 0; sample < pot.samples; sample += 1) {
    const change = Math.max(-MOST_STEAM_SHARE * water[sample]!, Math.min(steam_g[sample]!, wanted_g[sample]!));
    water[sample]! += change;
    steam_g[sample]! -= change;
  }
}

/** Liquid that stayed with the solids, or was spilled where there are none. */
function leaveBehind(pot: WorkingPot, share: Column): void {
  const left = pot.pourOff(share);
  if (pot.cake) pot.cake.held.pour(left);
  else pot.ledger.skimmed.pour(left);
}

type Measure = (pot: WorkingPot) => Column;
const volumes: Measure = (pot) => pot.body().volumes();
const masses: Measure = (pot) => pot.body().masses();

/** Liquid out of what was strained off, until there is as much as was measured. */
function squeezeOut(pot: WorkingPot, measure: Measure, wanted: number): void {
  const { cake } = pot;
  if (!cake) return;
  const now = measure(pot);
  const held = measure === volumes ? cake.held.volumes() : cake.held.masses();
  const share = columnOf(pot.samples, (sample) =>
    held[sample]! > 0 ? Math.max(0, Math.min(1, (wanted - now[sample]!) / held[sample]!)) : 0,
  );
  pot.liquid.pour(cake.held.take(share));
}

/** Grams of water that bring the liquid to what was measured; below 0 where there is too much. */
function waterTo(pot: WorkingPot, measure: Measure, wanted: number): Column {
  if (measure === masses) return masses(pot).map((mass) => wanted - mass);
  return pot.gramsToFill(ingredientById('water'), new Float64Array(pot.samples).fill(wanted));
}

function setAmount(pot: WorkingPot, verb: Verb, measure: Measure, wanted: number): void {
  if (VERB_TABLE[verb].missing === 'behind') {
    leaveBehind(
      pot,
      measure(pot).map((now) => (now > wanted ? 1 - wanted / now : 0)),
    );
    squeezeOut(pot, measure, wanted);
  }
  exchangeSteam(pot, waterTo(pot, measure, wanted));
}

/** Water so that the strength is what was read. */
function setBrix(pot: WorkingPot, brix: number): void {
  if (!(brix > 0)) return;
  const solids = pot.liquid.column('solubleSolids_g');
  const water = pot.liquid.column('water_g');
  exchangeSteam(
    pot,
    solids.map((grams, sample) => (grams * (100 - brix)) / brix - water[sample]!),
  );
}

const UNEXPLAINED: StepNote = {
  code: 'reading-unexplained',
  text: 'This is more than can be in the pot by what went in. Read it again, or look for what was not written down.',
};

/**
 * Makes the pot what was measured: what is missing stayed with the solids, was spilled or left as steam, and
 * what is over did not. Mass stays conserved: it only moves between the pot and its ledger.
 *
 * @param pot after the step, changed in place in every sample
 * @param verb of the step
 * @param readings of the step: volume at 20 °C in mL, net mass in g, °C, °Brix; others change nothing
 * @returns what cannot be, as notes
 */
export function applyReadings(pot: WorkingPot, verb: Verb, readings: readonly Reading[]): readonly StepNote[] {
  const read = (quantity: Reading['quantity']) => readings.find((each) => each.quantity === quantity)?.value;
  if (pot.dry) return [];
  const notes: StepNote[] = [];
  const check = (now: number, wanted: number) => {
    if (Math.abs(now / wanted - 1) > AGREES) notes.push(UNEXPLAINED);
  };
  const brix = read('brix');
  if (brix !== undefined) {
    setBrix(pot, brix);
    if (brix > 0) check(pot.liquid.brix(), brix);
  }
  const volume = read('volume_mL');
  const mass = read('mass_g');
  if (volume !== undefined) {
    setAmount(pot, verb, volumes, volume);
    check(volumes(pot)[0]!, volume);
  } else if (mass !== undefined) {
    const pieces = pot.solids.reduce((sum, solid) => sum + (solid.suspended ? 0 : solidMass(solid)[0]!), 0);
    const wanted = Math.max(1, mass - pieces);
    setAmount(pot, verb, masses, wanted);
    check(masses(pot)[0]!, wanted);
  }
  const temperature = read('temperature_C');
  if (temperature !== undefined) pot.temperature_C.fill(temperature);
  return notes.slice(0, 1);
}
