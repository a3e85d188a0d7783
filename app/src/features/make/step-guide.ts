import type { DrinkStep, Verb } from '@wellhydra/core/drink';
import type { CheckKind, ReadQuantity } from '@wellhydra/core/brew';

/** What a cook wants to know at a step besides what it says. */
export interface StepGuide {
  /** What to look for. */
  readonly look: string;
  /** What can go wrong. */
  readonly mind: string;
  /** What is worth reading off, the first one asked for. */
  readonly readings: readonly ReadQuantity[];
}

const NOTHING: StepGuide = { look: '', mind: '', readings: [] };

const GUIDES: Readonly<Partial<Record<Verb, StepGuide>>> = {
  add: { look: '', mind: '', readings: ['mass_g'] },
  use: { look: '', mind: 'Shake it first: it settles.', readings: ['mass_g'] },
  wash: { look: 'Until the water runs clear.', mind: '', readings: [] },
  freeze: { look: 'Hard right through.', mind: 'Leave room: it grows.', readings: [] },
  soak: { look: 'Swollen and soft.', mind: 'Keep everything under the water.', readings: ['minutes', 'mass_g'] },
  heat: {
    look: 'Steam, then small bubbles at the rim.',
    mind: 'Stir along the bottom, and do not leave it.',
    readings: ['temperature_C', 'minutes'],
  },
  simmer: {
    look: 'A bubble now and then, never a rolling boil.',
    mind: 'Do not leave it alone: turn it down if it climbs.',
    readings: ['volume_mL', 'minutes', 'thickness'],
  },
  boil: {
    look: 'Large bubbles that cannot be stirred down.',
    mind: 'Hot splashes and steam: keep children away.',
    readings: ['volume_mL', 'minutes'],
  },
  reduce: {
    look: 'A drop on a cold spoon: hot syrup looks thinner than it will be.',
    mind: 'It goes fast towards the end, and burns. Stay with it.',
    readings: ['volume_mL', 'thickness', 'minutes'],
  },
  steep: {
    look: 'Lid on, off the heat.',
    mind: 'Much longer makes it bitter.',
    readings: ['minutes', 'temperature_C', 'taste'],
  },
  mash: { look: 'Every piece broken, no dry middle.', mind: 'Do not crush seeds and stones.', readings: [] },
  blend: { look: 'No piece larger than a grain of rice.', mind: 'Never hot in a closed jug.', readings: ['volume_mL'] },
  mill: { look: 'Only skins and seeds are left.', mind: '', readings: ['volume_mL'] },
  press: { look: 'Until it only drips.', mind: 'Seeds stay behind.', readings: ['volume_mL', 'mass_g'] },
  strain: {
    look: 'Let it run first, squeeze after.',
    mind: 'Seeds and hairs stay behind: they upset stomachs.',
    readings: ['volume_mL', 'mass_g', 'brix'],
  },
  remove: { look: 'Let each piece drip back into the pot.', mind: '', readings: ['volume_mL'] },
  rinsePass: { look: 'The water should run through everything.', mind: '', readings: ['volume_mL', 'brix'] },
  dissolve: { look: 'No grain at the bottom.', mind: '', readings: ['brix', 'taste', 'pH'] },
  stir: { look: 'No streak, no grain at the bottom.', mind: '', readings: ['brix', 'taste', 'pH'] },
  shake: { look: 'Even from top to bottom.', mind: 'Hold the lid.', readings: ['taste', 'brix'] },
  cool: {
    look: 'Lukewarm at the wall of the pot.',
    mind: 'Not for hours on the worktop.',
    readings: ['temperature_C', 'minutes'],
  },
  chill: {
    look: 'Cold to the middle.',
    mind: 'Never a full hot pot into the fridge.',
    readings: ['temperature_C', 'minutes'],
  },
  skim: { look: 'The foam gathers at the rim.', mind: '', readings: ['volume_mL'] },
  rest: { look: '', mind: 'Covered, so that nothing falls in.', readings: ['minutes', 'taste'] },
  infuse: {
    look: 'Colour in the water, pieces under it.',
    mind: 'Take the pieces out in time.',
    readings: ['minutes', 'taste'],
  },
  carbonate: {
    look: 'Pour the concentrate into the water, slowly.',
    mind: 'It foams: leave room.',
    readings: ['taste'],
  },
  draw: { look: '', mind: '', readings: ['volume_mL', 'thickness'] },
  bottle: {
    look: 'Filled to the shoulder, rim wiped.',
    mind: 'Label and date it now: later they all look alike.',
    readings: ['volume_mL'],
  },
  process: {
    look: 'Water a hand over the lids, at a rolling boil.',
    mind: 'The time counts from the boil.',
    readings: ['minutes'],
  },
  store: { look: '', mind: 'Write on the label when it must be gone.', readings: [] },
};

export const stepGuide = ({ verb }: DrinkStep): StepGuide => GUIDES[verb] ?? NOTHING;

/** A look at the brew between its steps. */
export const CHECK_GUIDES: Readonly<Record<CheckKind, StepGuide & { readonly title: string }>> = {
  'cold-spoon': {
    title: 'Cold spoon',
    look: 'Spoon from the freezer, a few drops on it, half a minute. Then tilt it.',
    mind: 'The pot goes on cooking meanwhile: take it off the fire to look.',
    readings: ['thickness', 'volume_mL', 'temperature_C'],
  },
  taste: {
    title: 'Taste it',
    look: 'A clean spoon, and let it cool first. Sweet, sour and salt come forward as it gets colder.',
    mind: 'Never taste what is not cooked long enough or what somebody must not have.',
    readings: ['taste', 'brix', 'pH'],
  },
};

/** How each quantity is asked for, with its unit. */
export const QUANTITIES: Readonly<
  Record<ReadQuantity, { readonly label: string; readonly unit: string; readonly asks: string }>
> = {
  volume_mL: { label: 'Volume', unit: 'mL', asks: 'How much is there?' },
  mass_g: { label: 'Weight', unit: 'g', asks: 'What does it weigh?' },
  temperature_C: { label: 'Temperature', unit: '°C', asks: 'How warm is it?' },
  brix: { label: 'Strength', unit: '°Brix', asks: 'How strong is it?' },
  pH: { label: 'Acidity', unit: 'pH', asks: 'How sour is it?' },
  minutes: { label: 'Time taken', unit: 'min', asks: 'How long did it take?' },
  taste: { label: 'Taste', unit: 'of 5', asks: 'How does it taste?' },
  thickness: { label: 'Cold spoon', unit: 'of 3', asks: 'How does it run off a cold spoon?' },
};

/** What each point of a scale means. */
export const SCALES: Readonly<Partial<Record<ReadQuantity, readonly string[]>>> = {
  taste: ['Not good', 'Weak', 'Fair', 'Good', 'Just right'],
  thickness: ['Runs off', 'Coats the spoon', 'Holds a line'],
};
