import { formatNumber } from '../../quantity';
import { contains, gramsOf, herb_g, warnsOf } from '../drink-facts';
import { under } from '../../household';
import type { PersonRule } from '../person-rule';

/** Dried herb in a serving from which a drink is a herbal preparation and no longer a flavour, g (estimate of ours, C). */
export const HERBAL_g = 0.3;

/** What is not for the very young, and little of it for children. */
export const AGE_RULES: readonly PersonRule[] = [
  {
    code: 'honey-infant',
    severity: 'stop',
    what: 'honey',
    about: (person) => under(person, 1),
    fires: (facts) => contains(facts, 'honey'),
    text: () =>
      'No honey, raw or cooked, in anything for a baby under one year: it can carry spores that kitchen heat does not kill.',
    source: 'WHO, CDC, AAP',
  },
  {
    code: 'milk-only',
    severity: 'stop',
    what: 'nothing but milk at this age',
    about: (person) => under(person, 1),
    fires: ({ contains: ids }) => ids.length > 0,
    text: ({ kind }) =>
      kind === 'rehydration'
        ? 'Nothing but milk at this age and, when a health worker says so, rehydration solution from a measured sachet.'
        : 'Nothing but milk at this age: no herbs, no added salt, no sugar, no juice.',
    source: 'WHO, AAP',
  },
  {
    code: 'home-rehydration-child',
    severity: 'warn',
    what: 'a home mix',
    about: (person) => under(person, 14) && !under(person, 1),
    fires: ({ kind }) => kind === 'rehydration',
    text: () =>
      'For a child use a ready-measured sachet if you can get one: home mixes are often wrong in salt. Ask for help early.',
    source: 'WHO/UNICEF',
  },
  {
    code: 'herbs-child',
    severity: 'warn',
    what: 'herbs for a child',
    about: (person) => under(person, 12) && !under(person, 1),
    fires: (facts) => herb_g(facts) >= HERBAL_g,
    text: (_facts, person) =>
      `Adult amounts are not for children, and most herbs have no tested child dose.${under(person, 2) ? ' Under two years: ask a clinician first.' : ''}`,
    source: 'EMA monographs usually start at 12 years',
  },
  {
    code: 'alcohol-child',
    severity: 'stop',
    what: 'alcohol',
    about: (person) => under(person, 18),
    fires: (facts) => warnsOf(facts, 'alcohol-tincture'),
    text: ({ perServing }) =>
      `There are ${formatNumber(perServing.ethanol_g)} g of alcohol in a serving. Use a water or glycerine extract instead.`,
    source: 'Arithmetic',
  },
  {
    code: 'caffeine-child',
    severity: 'warn',
    what: 'caffeine',
    about: (person) => under(person, 18) && !under(person, 1),
    fires: ({ perServing }) => perServing.caffeine_mg >= 10,
    text: ({ perServing }) =>
      `About ${formatNumber(perServing.caffeine_mg)} mg of caffeine in a serving. Not for children.`,
    source: 'EFSA 2015',
  },
  {
    code: 'soda-child',
    severity: 'warn',
    what: 'baking soda',
    about: (person) => under(person, 6) && !under(person, 1),
    fires: (facts) => gramsOf(facts, 'baking-soda', 'potassium-bicarbonate') > 0,
    text: () => 'Baking soda is a big dose of sodium and makes gas in the stomach. Not for a child under six.',
    source: 'US FDA antacid labelling',
  },
  {
    code: 'sugar-toddler',
    severity: 'note',
    what: 'added sugar',
    about: (person) => under(person, 2) && !under(person, 1),
    fires: ({ perServing, kind }) => perServing.addedSugars_g > 0.5 && kind !== 'rehydration',
    text: () => 'No sugar or honey is added to what children under two drink.',
    source: 'AAP; AHA',
  },
  {
    code: 'raw-juice-age',
    severity: 'warn',
    what: 'raw juice',
    about: (person) => (under(person, 5) && !under(person, 1)) || person.age.group === 'elder',
    fires: (facts) => warnsOf(facts, 'raw-juice-vulnerable'),
    text: () => 'Raw juice can carry germs. Heat it to 71 °C or above before giving it.',
    source: 'US FDA juice guidance',
  },
];
