import { DAISY_FAMILY } from '../../caution';
import { formatNumber } from '../../quantity';
import { contains } from '../drink-facts';
import type { FactCode } from '../../household';
import { is } from '../../household';
import type { PersonRule } from '../person-rule';

const DAIRY = ['milk', 'kefir', 'cream', 'butter', 'ghee', 'whey-powder'] as const;
/** What somebody with an allergy has told they must not have, by the fact that says so. Rows of the catalogue. */
export const ALLERGENS = {
  daisies: { what: 'the daisy family', ids: DAISY_FAMILY },
  bees: { what: 'honey', ids: ['honey'] },
  milk: { what: 'milk', ids: DAIRY },
  egg: { what: 'egg', ids: ['egg'] },
  'tree-nuts': { what: 'tree nuts', ids: ['almond-drink', 'almond-butter'] },
  peanuts: { what: 'peanuts', ids: ['peanut-butter'] },
  soya: { what: 'soya', ids: ['soya-drink'] },
  gluten: { what: 'gluten', ids: ['barley-pearl', 'oats-rolled', 'oat-drink', 'wheatgrass', 'wheatgrass-juice'] },
  celery: { what: 'celery', ids: ['celery', 'celery-juice'] },
} as const satisfies Partial<Record<FactCode, { readonly what: string; readonly ids: readonly string[] }>>;
/** What comes from animals. */
export const FROM_ANIMALS = [...DAIRY, 'honey', 'egg', 'collagen-powder'] as const;

const allergyRule = ([fact, { what, ids }]: [string, { what: string; ids: readonly string[] }]): PersonRule => ({
  code: `allergy-${fact}`,
  severity: 'stop',
  what,
  about: (person) => is(person, fact as FactCode),
  fires: (facts) => contains(facts, ...ids),
  text: (_facts, { name }) => `There is ${what} in it, and ${name} does not take it well.`,
  source: 'What was said of the person',
});

/** What people do not take well, or do not want. */
export const CHOICE_RULES: readonly PersonRule[] = [
  ...Object.entries(ALLERGENS).map(allergyRule),
  {
    code: 'not-vegan',
    severity: 'stop',
    what: 'not vegan',
    about: (person) => is(person, 'vegan'),
    fires: (facts) => contains(facts, ...FROM_ANIMALS),
    text: (facts) => (contains(facts, 'honey') ? 'There is honey in it.' : 'There is something from animals in it.'),
    source: 'What was said of the person',
  },
  {
    code: 'wants-no-alcohol',
    severity: 'stop',
    what: 'alcohol',
    about: (person) => is(person, 'no-alcohol'),
    fires: ({ perServing }) => perServing.ethanol_g > 0.05,
    text: ({ perServing }) => `There are ${formatNumber(perServing.ethanol_g)} g of alcohol in a serving.`,
    source: 'What was said of the person',
  },
  {
    code: 'wants-no-caffeine',
    severity: 'stop',
    what: 'caffeine',
    about: (person) => is(person, 'no-caffeine'),
    fires: ({ perServing }) => perServing.caffeine_mg > 1,
    text: ({ perServing }) => `About ${formatNumber(perServing.caffeine_mg)} mg of caffeine in a serving.`,
    source: 'What was said of the person',
  },
];
