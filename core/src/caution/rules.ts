import { formatNumber, formatVolume } from '../quantity/format-number';
import type { CautionContext, CautionRule } from './caution';
import { REHYDRATION_SODIUM, REHYDRATION_SUGAR, dilutionWater } from './rehydration-dilution';

const rehydration = ({ kind }: CautionContext): boolean => kind === 'rehydration';
const has = (context: CautionContext, ...ids: string[]): boolean =>
  context.trace.pot.entries.some((entry) => ids.includes(entry.ingredient.id));
const sodium = (context: CautionContext): number => context.perLitre?.sodium_mmol ?? 0;

const MINERAL_SALT = new Set([
  'table-salt',
  'sea-salt-fine',
  'sea-salt-coarse',
  'flake-salt-dense',
  'flake-salt-light',
  'potassium-chloride',
  'tripotassium-citrate',
  'potassium-bicarbonate',
  'baking-soda',
  'magnesium-bisglycinate',
  'magnesium-citrate',
  'magnesium-chloride',
  'magnesium-sulfate',
]);

/** A salt measured by pinch, by cutlery or heaped: these can be off several-fold. */
function saltByEye({ trace }: CautionContext): boolean {
  return trace.entries.some(({ line }) => {
    if (!line || !MINERAL_SALT.has(line.ingredient.id)) return false;
    const { unit, heap, spoons } = line.amount;
    const spooned = unit.tool === 'spoon' && (heap === 'heaped' || spoons === 'cutlery');
    return spooned || unit.tool === 'hand' || unit.id === 'handful';
  });
}

function saltHighText(context: CautionContext): string {
  const volume_mL = context.liquid?.volume_mL ?? 0;
  const water = formatVolume(dilutionWater(sodium(context), volume_mL));
  return `Do not give this as it is. Stir ${water} more clean water into the ${formatVolume(volume_mL)}, or pour it away and start again with a level measuring spoon. Too much salt is dangerous, above all for children, and it does not taste too salty. It has ${formatNumber(sodium(context))} mmol of sodium in a litre; 75 is right and 90 is the most.`;
}

const sugarHigh = (context: CautionContext): boolean =>
  rehydration(context) &&
  ((context.perLitre?.glucoseEquivalent_mmol ?? 0) > REHYDRATION_SUGAR.glucose_mmol_L * 1.015 ||
    (context.liquid?.osmolarity_mOsm_L ?? 0) > REHYDRATION_SUGAR.osmolarity_mOsm_L * 1.015);

/** Potassium below this is none to speak of, mmol/L; an average tap gives 0.05. */
const NO_POTASSIUM_mmol_L = 2;

/** Cautions as data. Texts speak to the person at the worktop; sources to whoever asks. */
export const CAUTION_RULES: readonly CautionRule[] = [
  {
    code: 'rehydration-salt-high',
    severity: 'stop',
    title: 'Too salty to give',
    concerns: 'anyone who is ill, above all children',
    fires: (context) => rehydration(context) && sodium(context) > REHYDRATION_SODIUM.high * 1.015,
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
    code: 'rehydration-no-potassium',
    severity: 'note',
    title: 'No potassium in it',
    concerns: 'anyone who is ill',
    fires: (context) =>
      rehydration(context) && context.perLitre !== null && context.perLitre.potassium_mmol < NO_POTASSIUM_mmol_L,
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
  {
    code: 'honey-under-12-months',
    severity: 'stop',
    title: 'Not for anyone under 12 months: honey',
    concerns: 'babies under one year',
    fires: (context) => has(context, 'honey'),
    text: () =>
      'Honey, raw or cooked, can carry spores that a baby cannot fight. Kitchen heat does not kill them. Nobody under one year may have it.',
    source: 'WHO, CDC and paediatric societies',
  },
  {
    code: 'grapefruit-medicines',
    severity: 'warn',
    title: 'Grapefruit and medicines',
    concerns: 'anyone who takes medicines',
    fires: (context) => has(context, 'grapefruit-juice', 'grapefruit'),
    text: () =>
      'Grapefruit can make some medicines far stronger for a day or more. Use another fruit unless a pharmacist has said it is fine.',
    source: 'US FDA consumer guidance',
  },
  {
    code: 'potassium-kidney',
    severity: 'warn',
    title: 'Added potassium',
    concerns: 'people with kidney disease or on heart and blood-pressure tablets',
    fires: (context) => context.addedPerServing.potassium_mmol > 0.5,
    text: (context) =>
      context.addedPerServing.potassium_mmol >= 10
        ? `${formatNumber(context.addedPerServing.potassium_mmol * 39.098)} mg of added potassium is a lot for one serving. Halve the potassium salt or make the serving smaller. With kidney disease or some blood-pressure tablets take none of it without asking your clinician.`
        : 'With kidney disease or some blood-pressure tablets, potassium can build up and disturb the heartbeat. Ask your clinician first.',
    source: 'Kidney-care guidance; medicine labels; potassium prescribing practice',
  },
  {
    code: 'sodium-blood-pressure',
    severity: 'note',
    title: 'Added salt',
    concerns: 'people told to limit salt',
    fires: (context) =>
      context.perServing.sodium_mg > 600 || (context.addedPerServing.sodium_mg > 50 && !rehydration(context)),
    text: (context) =>
      `A serving has ${formatNumber(context.perServing.sodium_mg)} mg of sodium. Adults are advised to stay under 2,300 mg a day from everything. Skip it if you were told to limit salt.`,
    source: 'NASEM 2019; WHO',
  },
  {
    code: 'magnesium-laxative',
    severity: 'warn',
    title: 'A lot of magnesium',
    concerns: 'anyone, and people with kidney disease above all',
    fires: (context) => context.addedPerServing.magnesium_mg > 250,
    text: (context) =>
      `${formatNumber(context.addedPerServing.magnesium_mg)} mg of added magnesium in a serving. Expect loose stools above 250 to 350 mg a day; take less. With kidney disease take none without asking.`,
    source: 'SCF/EFSA 250 mg; IOM 1997 350 mg a day',
  },
  {
    code: 'free-sugars',
    severity: 'note',
    title: 'A day of sugar in one glass',
    concerns: 'everyone, and children sooner',
    fires: (context) => context.perServing.sugars_g > 25 && context.kind !== 'rehydration',
    text: (context) =>
      `${formatNumber(context.perServing.sugars_g)} g of sugars in a serving. Honey, syrups and juice count too; 25 g a day is the better line, 50 g the upper one.`,
    source: 'WHO guideline on sugars (2015)',
  },
  {
    code: 'acid-teeth',
    severity: 'note',
    title: 'Acid on teeth',
    concerns: 'anyone who sips it through the day',
    fires: (context) =>
      context.liquid !== null &&
      context.liquid.pH < 4 &&
      !['syrup', 'concentrate', 'vinegar-honey'].includes(context.kind),
    text: () =>
      'It is sour enough to soften enamel. Drink it in one go or through a straw, rinse with water, and wait half an hour before brushing.',
    source: 'Dental erosion literature; enamel softens below about pH 5.5',
  },
];
