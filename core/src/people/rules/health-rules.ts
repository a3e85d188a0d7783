import { NOT_IN_PREGNANCY } from '../../caution';
import { formatNumber } from '../../quantity';
import { contains, gramsOf, warnsOf } from '../drink-facts';
import { is } from '../../household';
import type { PersonRule } from '../person-rule';

const TINCTURES = ['herbal-tincture', 'herbal-tincture-60'] as const;
/** Potassium in a serving that is too much where it builds up, mg: 10 mmol. Source: KDIGO/NKF guidance. */
const POTASSIUM_mg = 391;
/** Less than this is a trace of something else and not added, mg. */
const TRACE_mg = 1;

/** What changes with health: pregnancy, kidneys, blood pressure, sugar, liver. */
export const HEALTH_RULES: readonly PersonRule[] = [
  {
    code: 'pregnancy-plants',
    severity: 'stop',
    what: 'a plant that is not taken in pregnancy',
    about: (person) => is(person, 'pregnant'),
    fires: (facts) => contains(facts, ...NOT_IN_PREGNANCY, ...TINCTURES),
    text: () =>
      'There is a plant or a tincture in it that is left out in pregnancy. Ask your midwife if any was drunk.',
    source: 'EMA/HMPC and WHO monographs',
  },
  {
    code: 'pregnancy-little',
    severity: 'warn',
    what: 'small amounts in pregnancy',
    about: (person) => is(person, 'pregnant'),
    fires: (facts) => warnsOf(facts, 'pregnancy-herb') && !contains(facts, ...NOT_IN_PREGNANCY),
    text: () => 'Keep this to small food amounts in pregnancy and mention it to your midwife.',
    source: 'EMA; limited data',
  },
  {
    code: 'caffeine-mother',
    severity: 'warn',
    what: 'caffeine',
    about: (person) => is(person, 'pregnant', 'nursing'),
    fires: ({ perServing }) => perServing.caffeine_mg > 100,
    text: ({ perServing }) =>
      `About ${formatNumber(perServing.caffeine_mg)} mg of caffeine in a serving; 200 mg a day is the line in pregnancy and while nursing.`,
    source: 'EFSA 2015',
  },
  {
    code: 'alcohol-mother',
    severity: 'stop',
    what: 'alcohol',
    about: (person) => is(person, 'pregnant', 'nursing'),
    fires: (facts) => warnsOf(facts, 'alcohol-tincture'),
    text: ({ perServing }) =>
      `There are ${formatNumber(perServing.ethanol_g)} g of alcohol in a serving. Use a water or glycerine extract instead.`,
    source: 'Arithmetic',
  },
  {
    code: 'raw-juice-health',
    severity: 'warn',
    what: 'raw juice',
    about: (person) => is(person, 'pregnant', 'immune', 'immune-medicine'),
    fires: (facts) => warnsOf(facts, 'raw-juice-vulnerable'),
    text: () => 'Raw juice can carry germs. Heat it to 71 °C or above before drinking it.',
    source: 'US FDA juice guidance',
  },
  {
    code: 'potassium-builds-up',
    severity: 'stop',
    what: 'potassium',
    // A clinic that has drawn a line has said how much may be.
    about: (person) =>
      is(person, 'kidneys', 'ace-inhibitor', 'potassium-sparing', 'trimethoprim') &&
      person.lines.addedPotassium_mg?.from !== 'clinic',
    fires: ({ added, perServing }) => added.potassium_mg > TRACE_mg || perServing.potassium_mg > POTASSIUM_mg,
    text: ({ added, perServing }) =>
      `A serving has ${formatNumber(perServing.potassium_mg)} mg of potassium${added.potassium_mg > TRACE_mg ? `, ${formatNumber(added.potassium_mg)} mg of it from salts` : ''}. With kidney disease or medicines of this kind it can build up and disturb the heartbeat. Ask your clinician first.`,
    source: 'KDIGO/NKF guidance; medicine labels',
  },
  {
    code: 'magnesium-kidneys',
    severity: 'stop',
    what: 'added magnesium',
    about: (person) => is(person, 'kidneys'),
    fires: ({ added }) => added.magnesium_mg > TRACE_mg,
    text: ({ added }) =>
      `${formatNumber(added.magnesium_mg)} mg of added magnesium in a serving. With kidney disease none without asking.`,
    source: 'IOM 1997; EFSA/SCF 2001',
  },
  {
    code: 'salt-pressure',
    severity: 'warn',
    what: 'added salt',
    about: (person) => is(person, 'blood-pressure', 'heart', 'kidneys'),
    fires: ({ added }) => added.sodium_mg > TRACE_mg,
    text: ({ added }) =>
      `A serving has ${formatNumber(added.sodium_mg)} mg of added sodium. Skip it if you were told to limit salt.`,
    source: 'NASEM 2019; WHO',
  },
  {
    code: 'liquorice-health',
    severity: 'stop',
    what: 'liquorice',
    about: (person) => is(person, 'blood-pressure', 'heart', 'kidneys', 'diuretic', 'potassium-sparing'),
    fires: (facts) => warnsOf(facts, 'liquorice-blood-pressure'),
    text: () =>
      'Liquorice root can raise blood pressure and lower potassium. Leave it out with high blood pressure, heart or kidney trouble, or water tablets.',
    source: 'EU SCF 2003 (100 mg glycyrrhizin a day); US FDA',
  },
  {
    code: 'sugar-diabetes',
    severity: 'note',
    what: 'sugar to count',
    about: (person) => is(person, 'diabetes', 'insulin'),
    fires: ({ perServing }) => perServing.sugars_g > 10,
    text: ({ perServing }) =>
      `Count ${formatNumber(perServing.sugars_g)} g of sugars in a serving. Honey, maple, agave and dates raise blood sugar like sugar does.`,
    source: 'ADA nutrition guidance',
  },
  {
    code: 'turmeric-liver',
    severity: 'note',
    what: 'turmeric',
    about: (person) => is(person, 'liver'),
    fires: (facts) => gramsOf(facts, 'turmeric-ground', 'turmeric-dried', 'turmeric-fresh', 'turmeric-paste') > 0.5,
    text: () =>
      'Strong turmeric, above all with pepper, has been linked to rare liver injury, and can upset gallstones. Ask first.',
    source: 'NIH LiverTox; EMA',
  },
  {
    code: 'lemon-balm',
    severity: 'note',
    what: 'lemon balm',
    about: (person) => is(person, 'thyroid', 'thyroid-tablet', 'sedative'),
    fires: (facts) => warnsOf(facts, 'thyroid-mint-family'),
    text: () =>
      'Lemon balm may slightly affect the thyroid and add to sedatives; the evidence is weak. Keep it to an occasional cup.',
    source: 'Laboratory studies only',
  },
  {
    code: 'mint-reflux',
    severity: 'note',
    what: 'mint',
    about: (person) => is(person, 'reflux'),
    fires: (facts) => contains(facts, 'peppermint-dried', 'peppermint-fresh', 'spearmint-dried', 'spearmint-fresh'),
    text: () => 'Mint can make reflux worse.',
    source: 'EMA/HMPC monograph on peppermint leaf',
  },
  {
    code: 'vinegar-stomach',
    severity: 'note',
    what: 'vinegar',
    about: (person) => is(person, 'reflux', 'diuretic', 'insulin'),
    fires: (facts) => gramsOf(facts, 'cider-vinegar', 'white-vinegar', 'wine-vinegar', 'rice-vinegar') > 5,
    text: () =>
      'Vinegar can irritate the stomach and, with water tablets or insulin, lower potassium. Never neat, and not much of it.',
    source: 'Case reports',
  },
  {
    code: 'vitamin-c-stones',
    severity: 'note',
    what: 'vitamin C',
    about: (person) => is(person, 'kidney-stones', 'iron-overload'),
    fires: ({ perServing }) => perServing.vitaminC_mg > 1000,
    text: ({ perServing }) =>
      `${formatNumber(perServing.vitaminC_mg)} mg of vitamin C in a serving: above 1,000 mg it can bring kidney stones, and it takes up iron.`,
    source: 'IOM 2000',
  },
  {
    code: 'oxalate-stones',
    severity: 'note',
    what: 'oxalate',
    about: (person) => is(person, 'kidney-stones'),
    fires: (facts) => warnsOf(facts, 'oxalate-stones'),
    text: () => 'Sorrel and rhubarb are rich in oxalate, which many kidney stones are made of.',
    source: 'Dietary guidance on kidney stones',
  },
  {
    code: 'elder-immune',
    severity: 'note',
    what: 'elder',
    about: (person) => is(person, 'immune', 'immune-medicine'),
    fires: (facts) => contains(facts, 'elderberries-fresh', 'elderberries-dried', 'elderberry-juice'),
    text: () => 'Elderberry might stir up the immune system. Ask your specialist.',
    source: 'Theory and laboratory data',
  },
];
