/** °F to °C: (F - 32)/1.8. */
export function celsiusFromFahrenheit(fahrenheit: number): number {
  return (fahrenheit - 32) / 1.8;
}

/** °C to °F: 1.8 C + 32. */
export function fahrenheitFromCelsius(celsius: number): number {
  return 1.8 * celsius + 32;
}
