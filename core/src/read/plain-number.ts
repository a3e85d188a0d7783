/** A number as a line of a drink file writes it: no more digits than anybody measures, no commas. */
export const plainNumber = (value: number, digits = 4): string => String(Number(value.toPrecision(digits)));
