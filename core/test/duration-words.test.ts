import { clockWords, durationWords, shelfWords } from '../src/quantity';

test.each([
  [0, '0 min'],
  [0.4, 'under 1 min'],
  [35, '35 min'],
  [119, '119 min'],
  [124, '2 h'],
  [140, '2 h 20 min'],
  [480, '8 h'],
  [20160, '14 days'],
])('%d minutes are said as %s', (minutes, words) => expect(durationWords(minutes)).toBe(words));

test.each([
  [0, 'not at all'],
  [1 / 36, '40 min'],
  [2 / 24, '2 h'],
  [1, '24 h'],
  [2, '2 days'],
  [14.2, '14 days'],
  [59, '59 days'],
  [60, '2 months'],
  [365, '12 months'],
])('%d days on the shelf are %s', (days, words) => expect(shelfWords(days)).toBe(words));

test.each([
  [40 * 60_000, '40:00'],
  [-60_000, '+1:00'],
  [8 * 3_600_000, '8:00:00'],
  [26 * 86_400_000 + 3_600_000, '26 d 1 h'],
])('%d ms left stand on the clock as %s', (rest_ms, words) => expect(clockWords(rest_ms)).toBe(words));
