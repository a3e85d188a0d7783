/** A number as it is typed, with a point or a comma; NaN for anything else, nothing included. */
export const typedNumber = (text: string): number => (text.trim() === '' ? NaN : Number(text.trim().replace(',', '.')));
