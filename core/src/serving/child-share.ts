/** Age from which these conventions are shown at all, years, and only for food-like herbs. */
export const LEAST_AGE_years = 4;
const ADULT_kg = 70;

/**
 * Share of an adult amount by weight, weight/70. An old convention, not a safety limit; never for minerals.
 *
 * @param weight_kg above 0
 */
export const shareByWeight = (weight_kg: number): number => weight_kg / ADULT_kg;

/**
 * Share of an adult amount by age, age/(age + 12). An old convention, not a safety limit; never for minerals.
 *
 * @param age_years {@link LEAST_AGE_years} and more
 */
export const shareByAge = (age_years: number): number => age_years / (age_years + 12);
