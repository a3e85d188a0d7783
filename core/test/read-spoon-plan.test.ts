import { readSpoonPlan } from '../src/people';

test.each<[string, number, readonly object[]]>([
  [
    '1 tsp every two hours today, then three a day for a week',
    5,
    [
      { days: 1, every_h: 2 },
      { days: 7, timesADay: 3 },
    ],
  ],
  [
    '5 mL every 2 h today, then 3 times a day for 7 days',
    5,
    [
      { days: 1, every_h: 2 },
      { days: 7, timesADay: 3 },
    ],
  ],
  ['1 tablespoon twice a day for 10 days', 15, [{ days: 10, timesADay: 2 }]],
  ['2 tsp, 4 a day for two weeks', 10, [{ days: 14, timesADay: 4 }]],
  [
    'a teaspoon every hour for 2 days then once daily for a fortnight',
    5,
    [
      { days: 2, every_h: 1 },
      { days: 14, timesADay: 1 },
    ],
  ],
  [
    '10 mL every 90 minutes the first day; then four times a day',
    10,
    [
      { days: 1, every_h: 1.5 },
      { days: 7, timesADay: 4 },
    ],
  ],
  ['15 mL daily', 15, [{ days: 7, timesADay: 1 }]],
  ['1 tsp hourly today', 5, [{ days: 1, every_h: 1 }]],
])('%s', (text, amount_mL, phases) => {
  const read = readSpoonPlan(text);
  // Spoons that something is taken with hold 5 and 15 mL.
  expect(read).toEqual({ kind: 'plan', amount_mL, phases });
});

test.each([
  ['', /How much/],
  ['every two hours today', /How much/],
  ['1 tsp', /How often/],
  ['1 tsp when it hurts', /./],
  ['5 g three a day', /mL or spoons/],
  ['1 tsp 90 times a day', /24 times/],
  ['1 tsp every 2 minutes', /quarter of an hour/],
  ['1 tsp three a day for 900 days', /From 1 to 366/],
  ['1 tsp three a day for a week, then as needed', /How often/],
])('“%s” is not taken for a plan, and says why', (text, message) => {
  const read = readSpoonPlan(text);
  expect(read.kind === 'unread' && read.message).toMatch(message);
});
