/** Warmth in words, °C. */
export const WARMTHS: readonly (readonly [string, number])[] = [
  ['room temperature', 21],
  ['room temp', 21],
  ['stone cold', 15],
  ['ice cold', 4],
  ['blood warm', 37],
  ['blood heat', 37],
  ['body heat', 37],
  ['hand hot', 45],
  ['hand warm', 40],
  ['body warm', 37],
  ['lukewarm', 36],
  ['tepid', 36],
  ['finger warm', 40],
  ['just warm', 40],
];

/** Fahrenheit is meant from here on where only degrees are said, for nothing is hotter in a pot. */
export const FAHRENHEIT_FROM = 115;
