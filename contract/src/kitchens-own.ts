import type { OwnIngredientFields } from '@wellhydra/core/drink';
import { ownIngredient } from '@wellhydra/core/own-ingredient';
import { measureNameTrouble, type OwnMeasure } from '@wellhydra/core/quantity';
import Joi from 'joi';
import { id } from './common';
import { MEASURE_LIMITS, OWN_INGREDIENT_LIMITS } from './field-limits';
import { describes, list, number, object, optional, record, text, type Schema } from './schema';

const measureName = (): Schema<string> =>
  text(MEASURE_LIMITS.name)
    .label('Name')
    .custom((value: string, helpers) => {
      const trouble = measureNameTrouble(value);
      return trouble === undefined ? value : helpers.error('own.trouble', { trouble });
    });

/** What somebody's own pinch or mug holds, each time it was weighed. */
export const ownMeasure = describes<OwnMeasure>()(
  object({
    id: id(),
    name: measureName(),
    of: text(MEASURE_LIMITS.of),
    weighed_g: list(number(...MEASURE_LIMITS.weighed_g), { most: MEASURE_LIMITS.weighings }),
    member: optional(id()),
  }),
);

/** An ingredient from the label of its package: what cannot be in it is refused with the reason. */
export const kitchenIngredient = describes<OwnIngredientFields>()(
  object({
    name: text(OWN_INGREDIENT_LIMITS.name).label('Name'),
    formula: optional(text(OWN_INGREDIENT_LIMITS.formula)),
    label: optional(
      record(
        text(OWN_INGREDIENT_LIMITS.word),
        Joi.alternatives(number(0, 1e6), text(OWN_INGREDIENT_LIMITS.word)),
        30,
      ) as Schema<NonNullable<OwnIngredientFields['label']>>,
    ),
    role: optional(text(OWN_INGREDIENT_LIMITS.word)),
    state: optional(text(OWN_INGREDIENT_LIMITS.word)),
    density_g_mL: optional(number(0.01, 20)),
    solubility_g_100g: optional(number(0.001, 10_000)),
  }).custom((value: OwnIngredientFields, helpers) => {
    try {
      ownIngredient(value);
      return value;
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      return helpers.error('own.trouble', { trouble: error.message.replace(/^\w+: /, '') });
    }
  }) as Joi.ObjectSchema & Schema<OwnIngredientFields>,
);
