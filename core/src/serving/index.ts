/** What is in a serving, a litre and a batch, and its everyday equals. */
export { botanicalsOf } from './botanicals';
export type { BotanicalDose } from './botanicals';
export { DAILY_VALUES, SUGAR_TEASPOON_g, percentDailyValue, saltPinches, sugarTeaspoons } from './daily-values';
export type { DailyValue } from './daily-values';
export { nutrientsOf, perLitreOf } from './nutrients';
export type { Nutrients, PerLitre } from './nutrients';
export { dryVolume, servingSize } from './serving-size';
export type { ServingSize } from './serving-size';
export { LEAST_AGE_years, shareByAge, shareByWeight } from './child-share';
export { USUAL_SWEAT, sweatLoss } from './sweat-loss';
export type { SweatLoss } from './sweat-loss';
export { SERVING_FIGURE_ROWS, servingFigureLines } from './serving-figures';
export type { ServingFigure } from './serving-figures';
