import { DRINK_KINDS } from '@wellhydra/core/drink';
import type { DrinkFacts, Intake } from '@wellhydra/core/people';
import { describes, each, figure, list, object, oneOf, optional, record, text, written } from './schema';

/** Things that can be in a drink. */
const MOST_CONTAINED = 300;
export const MOST_CAUTIONS = 100;

const grams = () => record(text(100), figure(), MOST_CONTAINED);
/** What is in a serving, as far as it matters to people, as the brew came out. */
export const drinkFacts = describes<DrinkFacts>()(
  object({
    kind: oneOf(DRINK_KINDS),
    servingText: optional(written(60)),
    perServing: object(
      each(
        [
          'energy_kcal',
          'sugars_g',
          'addedSugars_g',
          'sodium_mg',
          'potassium_mg',
          'caffeine_mg',
          'vitaminC_mg',
          'ethanol_g',
        ] as const,
        figure(),
      ),
    ),
    added: object(each(['sodium_mg', 'potassium_mg', 'magnesium_mg'] as const, figure())),
    contains: list(text(200), { most: MOST_CONTAINED }),
    byWeight: list(text(200), { most: MOST_CONTAINED }),
    grams: grams(),
    dried_g: grams(),
    alcohol_pct: figure(),
    cautions: list(text(100), { most: MOST_CAUTIONS }),
  }),
);

/** What an addition at the glass brought. */
export const intake = describes<Intake>()(
  object({
    ...each(
      [
        'sodium_mg',
        'addedPotassium_mg',
        'addedMagnesium_mg',
        'sugars_g',
        'caffeine_mg',
        'vitaminC_mg',
        'ethanol_g',
      ] as const,
      figure(),
    ),
    plants_g: grams(),
  }),
);
