import { formatNumber } from '../../quantity';
import type { CautionRule } from '../caution';
import { gramsPerServing, has } from '../in-the-drink';
import { CASSIA, COUMARIN, DAISY_FAMILY, GRAPEFRUIT_KIN, NOT_IN_PREGNANCY } from '../plants';

/** What a 60 kg adult may have of coumarin a day, mg. */
const COUMARIN_DAY_mg = 60 * COUMARIN.aDay_mg_kg;
/** Caffeine in a serving that is worth saying, and that is too much, mg. Source: EFSA 2015. */
const CAFFEINE_mg = { some: 10, much: 200 } as const;

/** Rules about people: who should have less of it, or none. */
export const PEOPLE_RULES: readonly CautionRule[] = [
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
    title: 'Grapefruit kin and medicines',
    concerns: 'anyone who takes medicines',
    fires: (context) => has(context, ...GRAPEFRUIT_KIN),
    text: () =>
      'Grapefruit, pomelo, tangelo and bitter orange, peel and all, can make some medicines far stronger for a day or more. Use another fruit unless a pharmacist has said it is fine.',
    source: 'US FDA consumer guidance',
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
  {
    code: 'liquorice-blood-pressure',
    severity: 'warn',
    title: 'Liquorice and blood pressure',
    concerns: 'people with high blood pressure, heart or kidney trouble, on water tablets, or pregnant',
    fires: (context) => has(context, 'liquorice-root-dried'),
    text: (context) =>
      `Liquorice root can raise blood pressure and lower potassium. A serving has ${formatNumber(gramsPerServing(context, 'liquorice-root-dried'))} g of it; keep to 2 g a day for two weeks at most, and leave it out with high blood pressure, heart or kidney trouble, water tablets or in pregnancy.`,
    source: 'EU SCF 2003 (100 mg glycyrrhizin a day); US FDA',
  },
  {
    code: 'bleeding-medicines',
    severity: 'warn',
    title: 'Strong roots and blood thinners',
    concerns: 'people on blood thinners, or before surgery',
    fires: (context) =>
      gramsPerServing(context, 'ginger-fresh') > 10 ||
      gramsPerServing(context, 'ginger-ground', 'ginger-dried') > 2 ||
      gramsPerServing(context, 'turmeric-ground', 'turmeric-dried') > 3 ||
      gramsPerServing(context, 'turmeric-fresh') > 12 ||
      gramsPerServing(context, 'garlic') > 6.6 ||
      has(context, 'ginkgo-leaf-dried', 'dong-quai-root-dried', 'reishi-dried'),
    text: () =>
      'Food amounts are usually fine, but strong daily doses together with blood thinners or in the two weeks before surgery can add to bleeding. Ask first.',
    source: 'NCCIH fact sheets',
  },
  {
    code: 'pregnancy-herb',
    severity: 'warn',
    title: 'Not in pregnancy, or only a little',
    concerns: 'anyone who is pregnant',
    fires: (context) =>
      has(context, ...NOT_IN_PREGNANCY) ||
      has(context, 'hibiscus-dried', 'hibiscus-fresh', 'raspberry-leaf-dried') ||
      gramsPerServing(context, 'ginger-fresh') > 10 ||
      gramsPerServing(context, 'ginger-ground', 'ginger-dried') > 1 ||
      gramsPerServing(context, 'turmeric-ground', 'turmeric-dried') > 1 ||
      gramsPerServing(context, 'turmeric-fresh') > 5 ||
      gramsPerServing(context, ...CASSIA) > 1,
    text: (context) =>
      has(context, ...NOT_IN_PREGNANCY)
        ? 'There is a plant in it that is not taken in pregnancy. Leave it out, and ask your midwife if any was drunk.'
        : 'Keep this to small food amounts in pregnancy and mention it to your midwife.',
    source: 'EMA/HMPC and WHO monographs; EFSA',
  },
  {
    code: 'thyroid-mint-family',
    severity: 'note',
    title: 'Lemon balm and the thyroid',
    concerns: 'people who take thyroid medicine',
    fires: (context) => has(context, 'lemon-balm-dried', 'lemon-balm-fresh'),
    text: () =>
      'Lemon balm may slightly affect the thyroid; the evidence is weak. With thyroid medicine or sedatives, keep it to an occasional cup.',
    source: 'Laboratory studies only',
  },
  {
    code: 'alcohol-tincture',
    severity: 'warn',
    title: 'Contains alcohol',
    concerns: 'children, anyone pregnant, in recovery, driving, or on medicines that forbid it',
    fires: (context) => (context.liquid?.alcohol_pctABV ?? 0) > 0.5 || context.perServing.ethanol_g > 1,
    text: (context) =>
      `It has ${formatNumber(context.liquid?.alcohol_pctABV ?? 0, 2)} % alcohol, ${formatNumber(context.perServing.ethanol_g, 2)} g in a serving. Use a water or glycerine extract instead.`,
    source: 'Computed; medicine labels',
  },
  {
    code: 'caffeine',
    severity: 'note',
    title: 'Caffeine',
    concerns: 'children, and anyone pregnant',
    fires: (context) => context.perServing.caffeine_mg >= CAFFEINE_mg.some,
    text: (context) =>
      context.perServing.caffeine_mg > CAFFEINE_mg.much
        ? `About ${formatNumber(context.perServing.caffeine_mg)} mg of caffeine in a serving is more than advised at once. Not for children.`
        : `About ${formatNumber(context.perServing.caffeine_mg)} mg of caffeine in a serving. Adults are advised to stay under 400 mg a day, 200 in pregnancy. Not for children.`,
    source: 'EFSA 2015',
  },
  {
    code: 'cassia-coumarin',
    severity: 'note',
    title: 'A lot of common cinnamon',
    concerns: 'anyone who takes it daily for weeks',
    fires: (context) => gramsPerServing(context, ...CASSIA) * COUMARIN.perGram_mg > COUMARIN_DAY_mg,
    text: (context) =>
      `Common (cassia) cinnamon contains coumarin: up to ${formatNumber(gramsPerServing(context, ...CASSIA) * COUMARIN.perGram_mg)} mg in a serving, and 0.1 mg for each kg of a person is the daily line. Use less, or true cinnamon.`,
    source: 'EFSA tolerable daily intake; BfR',
  },
  {
    code: 'hibiscus-blood-pressure',
    severity: 'note',
    title: 'Hibiscus and blood pressure',
    concerns: 'people on blood-pressure tablets or chloroquine',
    fires: (context) => gramsPerServing(context, 'hibiscus-dried') > 5,
    text: () =>
      'Much hibiscus can lower blood pressure a little, on top of tablets. Mention it to whoever prescribes them.',
    source: 'Small clinical trials',
  },
  {
    code: 'medicine-clash',
    severity: 'stop',
    title: "St John's wort clashes with medicines",
    concerns: 'anyone who takes any medicine, the pill included',
    fires: (context) => has(context, 'st-johns-wort-dried'),
    text: () => "St John's wort weakens or clashes with many medicines. Do not combine them; ask a pharmacist.",
    source: 'US FDA; NCCIH',
  },
  {
    code: 'daisy-allergy',
    severity: 'note',
    title: 'Daisy family',
    concerns: 'people allergic to daisies, ragweed or bee products',
    fires: (context) => has(context, ...DAISY_FAMILY),
    text: () => 'People with a daisy-family allergy can react. Try a sip first, or leave it out.',
    source: 'Clinical allergy literature',
  },
];
