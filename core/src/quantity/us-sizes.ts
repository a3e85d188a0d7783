/** US customary units in mL and g. Source: NIST Handbook 44, exact. */
export const TEASPOON_mL = 4.92892159375;
export const FLUID_OUNCE_mL = 29.5735295625;
export const QUART_mL = 946.352946;
export const OUNCE_g = 28.349523125;
export const POUND_g = 453.59237;
