import { formatNumber, formatVolume } from '../../quantity';
import type { CautionContext, CautionRule } from '../caution';
import { REHYDRATION_POTASSIUM, REHYDRATION_SODIUM, REHYDRATION_SUGAR, dilutionWater } from '../rehydration-dilution';

const rehydration = ({ kind }: CautionContext): boolean => kind === 'rehydration';
const sodium = (context: CautionContext): number => context.perLitre?.sodium_mmol ?? 0;
const potassium = (context: CautionContext): number => context.perLitre?.potassium_mmol ?? 0;

/** A line is crossed by more than weights are rounded by. */
const ROUNDING = 1.015;

/** Table salt, of which a pinch is a pinch. */
const TABLE_SALT = new Set([
  'table-salt',
  'sea-salt-fine',
  'sea-salt-coarse',
  'flake-salt-dense',
  'flake-salt-light',
  'kosher-salt',
  'kosher-salt-light',
  'pink-rock-salt',
  'grey-salt',
]);
/** Minerals of which even a little that is measured badly is much. */
const STRONG_MINERAL = new Set([
  'potassium-chloride',
  'tripotassium-citrate',
  'potassium-bicarbonate',
  'baking-soda',
  'magnesium-bisglycinate',
  'magnesium-citrate',
  'magnesium-chloride',
  'magnesium-sulfate',
]);
/** Salt in a litre up to which it does not matter how it was measured, g: two pinches in a lemonade. */
const SALT_BY_EYE_g_L = 1;

/** A salt measured by pinch, by cutlery or heaped: these can be off several-fold. */
function saltByEye({ trace, liquid }: CautionContext): boolean {
  const byEye = trace.entries.flatMap(({ line }) => {
    if (!line) return [];
    const { unit, heap, spoons } = line.amount;
    const spooned = unit.tool === 'spoon' && (heap === 'heaped' || spoons === 'cutlery');
    return spooned || unit.tool === 'hand' || unit.id === 'handful' ? [line.ingredient.id] : [];
  });
  if (byEye.some((id) => STRONG_MINERAL.has(id))) return true;
  if (!byEye.some((id) => TABLE_SALT.has(id))) return false;
  const salt_g = trace.pot.entries.reduce(
    (sum, { ingredient, mass_g }) => sum + (TABLE_SALT.has(ingredient.id) ? mass_g : 0),
    0,
  );
  return liquid === null || (1000 * salt_g) / liquid.volume_mL > SALT_BY_EYE_g_L;
}

function saltHighText(context: CautionContext): string {
  const volume_mL = context.liquid?.volume_mL ?? 0;
  const more_mL = dilutionWater(sodium(context), volume_mL);
  // On a bottle it is read of a part of the batch.
  const each = `${formatNumber(Math.ceil((100 * more_mL) / volume_mL))} mL to every 100 mL`;
  return `Do not give this as it is. Stir ${formatVolume(more_mL)} more clean water into the ${formatVolume(volume_mL)}, ${each}, or pour it away and start again with a level measuring spoon. Too much salt is dangerous, above all for children, and it does not taste too salty. It has ${formatNumber(sodium(context))} mmol of sodium in a litre; 75 is right and 90 is the most.`;
}

const sugarHigh = (context: CautionContext): boolean =>
  rehydration(context) &&
  ((context.perLitre?.glucoseEquivalent_mmol ?? 0) > REHYDRATION_SUGAR.glucose_mmol_L * ROUNDING ||
    (context.liquid?.osmolarity_mOsm_L ?? 0) > REHYDRATION_SUGAR.osmolarity_mOsm_L * ROUNDING);

/** Potassium below this is none to speak of, mmol/L; an average tap gives 0.05. */
const NO_POTASSIUM_mmol_L = 2;

/** Rules for drinks given to someone who is ill, and for salts measured by eye. */
export const REHYDRATION_RULES: readonly CautionRule[] = [
  {
    code: 'rehydration-salt-high',
    severity: 'stop',
    title: 'Too salty to give',
    concerns: 'anyone who is ill, above all children',
    fires: (context) => rehydration(context) && sodium(context) > REHYDRATION_SODIUM.high * ROUNDING,
    text: saltHighText,
    source: 'WHO/UNICEF specification of rehydration salts: 75 mmol/L, 60 to 90',
  },
  {
    code: 'rehydration-salt-low',
    severity: 'warn',
    title: 'Less salt than a sachet',
    concerns: 'anyone who is ill',
    fires: (context) => rehydration(context) && context.perLitre !== null && sodium(context) < REHYDRATION_SODIUM.low,
    text: (context) =>
      `It has ${formatNumber(sodium(context))} mmol of sodium in a litre; a sachet gives 75, and 60 is the least. Good enough as a stop-gap together with food. A ready-measured sachet is better.`,
    source: 'WHO/UNICEF specification of rehydration salts',
  },
  {
    code: 'rehydration-sugar-high',
    severity: 'warn',
    title: 'Too much sugar for diarrhoea',
    concerns: 'anyone who is ill',
    fires: sugarHigh,
    text: () => 'So much sugar can pull water into the gut and make it worse. Use less sugar, or more clean water.',
    source: 'WHO/UNICEF 2006: glucose at most 111 mmol/L, all particles at most 310 mOsm/L',
  },
  {
    code: 'rehydration-potassium-high',
    severity: 'warn',
    title: 'More potassium than a sachet',
    concerns: 'anyone who is ill, above all children',
    fires: (context) => rehydration(context) && potassium(context) > REHYDRATION_POTASSIUM.high * ROUNDING,
    text: (context) =>
      `It has ${formatNumber(potassium(context))} mmol of potassium in a litre; a sachet gives 20, and 25 is the most. Use less of the potassium salt, or more clean water.`,
    source: 'WHO/UNICEF specification of rehydration salts: 15 to 25 mmol/L',
  },
  {
    code: 'rehydration-no-potassium',
    severity: 'note',
    title: 'No potassium in it',
    concerns: 'anyone who is ill',
    fires: (context) => rehydration(context) && context.perLitre !== null && potassium(context) < NO_POTASSIUM_mmol_L,
    text: () =>
      'Diarrhoea takes potassium with it, and there is none in salt and sugar. A sachet has it; so have banana, coconut water and fruit juice taken beside it.',
    source: 'WHO/UNICEF specification of rehydration salts: 15 to 25 mmol/L',
  },
  {
    code: 'rehydration-see-clinician',
    severity: 'warn',
    title: 'When to get medical help now',
    concerns: 'anyone who is ill',
    fires: rehydration,
    text: () =>
      'Too sleepy or hard to wake, cannot drink or keeps vomiting, blood in the stool, sunken eyes, skin that stays up when pinched, no urine for 8 hours, fever over 39 °C, a baby under 6 months, or no better after a day.',
    source: 'WHO, The treatment of diarrhoea',
  },
  {
    code: 'water-safety',
    severity: 'warn',
    title: 'Is the water safe?',
    concerns: 'anyone who drinks it',
    fires: rehydration,
    text: () =>
      'If you are not sure, boil it for one full minute (three above 2,000 m) and let it cool with a lid on before you mix.',
    source: 'US CDC on emergency drinking water',
  },
  {
    code: 'measure-salt-level',
    severity: 'warn',
    title: 'Measure the salt level',
    concerns: 'anyone who drinks it',
    fires: saltByEye,
    text: () =>
      'A heaped or table spoon, or a pinch, can hold twice as much as you think. Use a level measuring spoon or a fine scale for salts.',
    source: 'Household surveys of spoons: 2.5 to 7.3 mL for a "teaspoon"',
  },
];
