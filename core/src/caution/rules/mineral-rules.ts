import { ATOMIC_WEIGHTS } from '../../liquid';
import { formatMass, formatNumber } from '../../quantity';
import type { CautionContext, CautionRule } from '../caution';
import { MAGNESIUM_mg, POTASSIUM_mmol, SODA_g } from '../dose-lines';
import { everything, gramsOf, gramsPerServing, isMineral } from '../in-the-drink';

const rehydration = ({ kind }: CautionContext): boolean => kind === 'rehydration';

const POTASSIUM_g_mol = ATOMIC_WEIGHTS['K'] as number;
/** Vitamin C of a day, mg. Source: IOM 2000. */
const VITAMIN_C_mg = 2000;
/** Doses that get under a line are said so much below it, so that a rounded weight is under it, too. */
const UNDER = 0.97;

const inServing = ({ perServing }: CautionContext): number => perServing.potassium_mg / POTASSIUM_g_mol;

/** The salts that bring potassium, with what of each keeps the batch under a line: "2.4 g potassium chloride". */
function underLine(context: CautionContext, line_mmol: number): string {
  const share = (UNDER * line_mmol) / context.addedPerServing.potassium_mmol;
  const salts = [...new Set(everything(context).map(({ ingredient }) => ingredient))].filter(
    (ingredient) => isMineral(ingredient) && (ingredient.composition?.potassium_mmol ?? 0) > 0,
  );
  return salts.map(({ id, name }) => `${formatMass(gramsOf(context, id) * share)} ${name.toLowerCase()}`).join(' and ');
}

/** Grams where milligrams have more digits than anybody reads. */
const sodiumWords = (sodium_mg: number): string =>
  sodium_mg < 10_000 ? `${formatNumber(sodium_mg)} mg` : `${formatNumber(sodium_mg / 1000)} g`;

/** From here on a serving is salty for anybody, mg: more than a quarter of a day. Source: NASEM 2019, 2,300 mg a day. */
const SODIUM_SERVING_mg = 600;
const sodiumText = ({ perServing }: CautionContext): string =>
  `A serving has ${sodiumWords(perServing.sodium_mg)} of sodium. Adults are advised to stay under 2,300 mg a day from everything. Skip it if you were told to limit salt.`;

/** Rules about minerals and vitamins that are put in by the gram: how much of them a serving may have. */
export const MINERAL_RULES: readonly CautionRule[] = [
  {
    code: 'potassium-kidney',
    severity: 'warn',
    title: 'Added potassium',
    concerns: 'people with kidney disease or on heart and blood-pressure tablets',
    fires: (context) => context.addedPerServing.potassium_mmol > POTASSIUM_mmol.some,
    text: (context) =>
      context.addedPerServing.potassium_mmol > POTASSIUM_mmol.much
        ? `${formatNumber(context.addedPerServing.potassium_mmol * POTASSIUM_g_mol)} mg of added potassium is a lot for one serving. With ${underLine(context, POTASSIUM_mmol.much)} in the batch it is no more than ${formatNumber(POTASSIUM_mmol.much * POTASSIUM_g_mol)} mg. With kidney disease or some blood-pressure tablets take none of it without asking your clinician.`
        : 'With kidney disease or some blood-pressure tablets, potassium can build up and disturb the heartbeat. Ask your clinician first.',
    source: 'Kidney-care guidance; medicine labels; potassium prescribing practice',
  },
  {
    code: 'potassium-too-much',
    severity: 'stop',
    title: 'Too much added potassium',
    concerns: 'anyone',
    fires: (context) => context.addedPerServing.potassium_mmol > POTASSIUM_mmol.tooMuch,
    text: (context) =>
      `Amounts like ${formatNumber(context.addedPerServing.potassium_mmol * POTASSIUM_g_mol)} mg of added potassium in one serving are given only under medical care. Put no more than ${underLine(context, POTASSIUM_mmol.tooMuch)} into this batch, or make the serving smaller.`,
    source: 'Oral potassium prescribing practice',
  },
  {
    code: 'potassium-serving',
    severity: (context) => (inServing(context) > POTASSIUM_mmol.tooMuch ? 'warn' : 'note'),
    title: 'Much potassium in a serving',
    concerns: 'people with kidney disease or on heart and blood-pressure tablets',
    fires: (context) => inServing(context) > POTASSIUM_mmol.much,
    text: (context) =>
      `A serving has ${formatNumber(context.perServing.potassium_mg)} mg of potassium, from everything in it. Healthy kidneys deal with that; with kidney disease or some blood-pressure tablets it can build up. Ask your clinician first.`,
    source: 'Kidney-care guidance; US and EU labelling practice for potassium',
  },
  {
    code: 'soda-dose',
    severity: 'warn',
    title: 'A big dose of baking soda',
    concerns: 'anyone, and children under 6 above all',
    fires: (context) => gramsPerServing(context, 'baking-soda') > SODA_g,
    text: (context) =>
      `${formatNumber(gramsPerServing(context, 'baking-soda'))} g of baking soda in a serving: more than a quarter of a level teaspoon is a lot of sodium, and it makes gas in the stomach. Take less, and never on a full stomach.`,
    source: 'US FDA antacid labelling',
  },
  {
    code: 'vitamin-c-dose',
    severity: 'note',
    title: 'More vitamin C than a day needs',
    concerns: 'anyone, and people with kidney stones or iron overload sooner',
    fires: (context) => context.perServing.vitaminC_mg > VITAMIN_C_mg,
    text: (context) =>
      `A serving has ${formatNumber(context.perServing.vitaminC_mg)} mg of vitamin C, and ${formatNumber(VITAMIN_C_mg)} mg is the most that is advised for a day. More can cause loose stools and, in some people, kidney stones.`,
    source: 'IOM 2000 upper level',
  },
  {
    code: 'sodium-blood-pressure',
    severity: 'note',
    title: 'Added salt',
    concerns: 'people told to limit salt',
    fires: (context) =>
      context.perServing.sodium_mg <= SODIUM_SERVING_mg &&
      context.addedPerServing.sodium_mg > 50 &&
      !rehydration(context),
    text: sodiumText,
    source: 'NASEM 2019; WHO',
  },
  {
    code: 'sodium-serving',
    severity: 'warn',
    title: 'A lot of salt in a serving',
    concerns: 'anyone, and people told to limit salt above all',
    fires: (context) => context.perServing.sodium_mg > SODIUM_SERVING_mg,
    text: sodiumText,
    source: 'NASEM 2019; WHO',
  },
  {
    code: 'magnesium-laxative',
    severity: 'warn',
    title: 'A lot of magnesium',
    concerns: 'anyone, and people with kidney disease above all',
    fires: (context) => context.addedPerServing.magnesium_mg > MAGNESIUM_mg,
    text: (context) =>
      `${formatNumber(context.addedPerServing.magnesium_mg)} mg of added magnesium in a serving. Expect loose stools above 250 to 350 mg a day; take less. With kidney disease take none without asking.`,
    source: 'SCF/EFSA 250 mg; IOM 1997 350 mg a day',
  },
];
