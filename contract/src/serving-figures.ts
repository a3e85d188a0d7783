import { SERVING_FIGURE_ROWS } from '@wellhydra/core/serving';

/** What a serving brings, as far as it is written on a bottle. Apart from the schemas, for workers without them. */
export const SERVING_FIGURES = SERVING_FIGURE_ROWS.map(({ key }) => key);
