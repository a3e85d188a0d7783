import { formatUsMass, formatUsVolume } from '../src/quantity';

// By NIST Handbook 44: 1 tsp 4.929 mL, 1 fl oz 29.574 mL, 1 qt 946.35 mL, 1 oz 28.350 g, 1 lb 453.59 g.
it.each([
  [0, '0 tsp'],
  [4.92892, '1 tsp'],
  [14.787, '3 tsp'],
  [29.5736, '1 fl oz'],
  [236.588, '8 fl oz'],
  [1000, '33.8 fl oz'],
  [1892.706, '2 qt'],
  [3785.412, '4 qt'],
])('%d mL is %s', (volume_mL, words) => {
  expect(formatUsVolume(volume_mL)).toBe(words);
});

it.each([
  [0.05, '50 mg'],
  [2.6, '2.6 g'],
  [28.35, '1 oz'],
  [226.796, '8 oz'],
  [453.5924, '1 lb'],
  [1000, '2.2 lb'],
])('%d g is %s', (mass_g, words) => {
  expect(formatUsMass(mass_g)).toBe(words);
});
