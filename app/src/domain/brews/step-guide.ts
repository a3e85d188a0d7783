import type { VerbGuide } from '@wellhydra/core/drink';
import type { CheckKind, ReadQuantity } from '@wellhydra/core/brew';

/** A look at the brew between its steps. */
export const CHECK_GUIDES: Readonly<Record<CheckKind, VerbGuide & { readonly title: string }>> = {
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
  volume_mL: { label: 'Volume', unit: 'mL', asks: 'How much liquid is there?' },
  mass_g: { label: 'Weight', unit: 'g', asks: 'What does it weigh, without the pot?' },
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
