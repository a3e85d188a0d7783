import {
  doseKey,
  doseStandings,
  runOut,
  runOutAtPace,
  spoonDoses,
  withSkipped,
  type SpoonPlan,
} from '../src/household';

const at = (day: number, hours: number, minutes = 0) => new Date(2026, 10, day, hours, minutes);
const PLAN: SpoonPlan = {
  people: { tam: true },
  drinkId: 'elder',
  amount_mL: 5,
  begins: at(28, 8).toISOString(),
  phases: [
    { days: 1, every_h: 2 },
    { days: 7, timesADay: 3 },
  ],
  from_min: 8 * 60,
  to_min: 18 * 60,
  skipped: {},
  ended: null,
};
const clock = (doses: readonly Date[]) =>
  doses.map((dose) => `${dose.getHours()}:${String(dose.getMinutes()).padStart(2, '0')}`);
const onDay = (doses: readonly Date[], day: number) => clock(doses.filter((dose) => dose.getDate() === day));

test('every two hours today, then three a day for a week, never in the night', () => {
  const doses = spoonDoses(PLAN);
  expect(doses).toHaveLength(6 + 7 * 3);
  expect(onDay(doses, 28)).toEqual(['8:00', '10:00', '12:00', '14:00', '16:00', '18:00']);
  expect(onDay(doses, 29)).toEqual(['8:00', '13:00', '18:00']);
  for (const dose of doses) {
    const minutes = 60 * dose.getHours() + dose.getMinutes();
    expect(minutes >= PLAN.from_min && minutes <= PLAN.to_min).toBe(true);
  }
});

test.each<[string, Partial<SpoonPlan>, readonly string[]]>([
  ['begun in the morning', { begins: at(28, 9, 20).toISOString() }, ['9:30', '11:30', '13:30', '15:30', '17:30']],
  ['begun in the night', { begins: at(28, 3).toISOString() }, ['8:00', '10:00', '12:00', '14:00', '16:00', '18:00']],
  ['begun after the last', { begins: at(28, 21).toISOString() }, []],
  ['ended at noon', { ended: at(28, 12).toISOString() }, ['8:00', '10:00', '12:00']],
  ['once a day', { phases: [{ days: 1, timesADay: 1 }] }, ['8:00']],
  ['twice a day', { phases: [{ days: 1, timesADay: 2 }] }, ['8:00', '18:00']],
  [
    'three a day, begun after the first',
    { begins: at(28, 9).toISOString(), phases: [{ days: 1, timesADay: 3 }] },
    ['13:00', '18:00'],
  ],
])('%s', (_what, by, expected) => {
  expect(onDay(spoonDoses({ ...PLAN, ...by }), 28)).toEqual(expected);
});

test('a moment that is none is refused', () => {
  expect(() => spoonDoses({ ...PLAN, begins: 'soon' })).toThrow(RangeError);
});

const standingsAt = (now: Date, pours: readonly Date[], by: Partial<SpoonPlan> = {}) =>
  doseStandings({ ...PLAN, ...by }, 'tam', pours, now)
    .slice(0, 6)
    .map((dose) => dose.is);

test('doses are done, missed, due and ahead', () => {
  const pours = [at(28, 8, 5), at(28, 10, 40)];
  expect(standingsAt(at(28, 14, 10), pours)).toEqual(['done', 'done', 'missed', 'due', 'ahead', 'ahead']);
  expect(standingsAt(at(28, 13, 20), pours)).toEqual(['done', 'done', 'missed', 'ahead', 'ahead', 'ahead']);
  expect(standingsAt(at(28, 12, 50), pours)).toEqual(['done', 'done', 'due', 'ahead', 'ahead', 'ahead']);
});

test('one pour is one dose, the nearest one, whatever order they come in', () => {
  expect(standingsAt(at(28, 12, 50), [at(28, 11, 5)])).toEqual(['missed', 'missed', 'done', 'ahead', 'ahead', 'ahead']);
  expect(standingsAt(at(28, 12, 50), [at(28, 12, 10), at(28, 11, 50)]).filter((is) => is === 'done')).toHaveLength(1);
});

test('one that is left out on purpose was not missed, for whom it was left out', () => {
  const skipped = { [doseKey('tam', at(28, 12))]: true } as const;
  expect(standingsAt(at(28, 14), [], { skipped })[2]).toBe('skipped');
  expect(doseStandings({ ...PLAN, skipped }, 'ines', [], at(28, 14))[2]?.is).toBe('missed');
});

test('a bottle runs out at the first dose that it has not enough for', () => {
  const ahead = spoonDoses(PLAN).map((dose) => ({ at: dose, volume_mL: 5 }));
  expect(runOut(27 * 5, ahead)).toEqual({ kind: 'lasts', left_mL: 0 });
  expect(runOut(200, ahead)).toEqual({ kind: 'lasts', left_mL: 65 });
  const short = runOut(32, ahead);
  expect(short).toEqual({ kind: 'runs-out', at: at(29, 8), missing_mL: 103 });
  // Two people empty it twice as fast; the order in which they are told makes no difference.
  expect(runOut(32, [...ahead, ...ahead].reverse())).toMatchObject({ at: at(28, 14) });
  expect(runOut(0, [])).toEqual({ kind: 'lasts', left_mL: 0 });
});

test('at the pace of the last week', () => {
  const now = at(28, 12);
  const daily = [22, 23, 24, 25, 26, 27].map((day) => ({ at: at(day, 12), volume_mL: 50 }));
  // 300 mL in six days: 100 mL last two more.
  expect(runOutAtPace(100, daily, now)).toEqual(at(30, 12));
  expect(runOutAtPace(100, daily.slice(0, 1), now)).toBeNull();
  // Two pours of one evening are a day of pours at least.
  expect(
    runOutAtPace(
      100,
      [
        { at: at(28, 11), volume_mL: 50 },
        { at: at(28, 10), volume_mL: 50 },
      ],
      now,
    ),
  ).toEqual(at(29, 12));
  expect(
    runOutAtPace(
      100,
      [
        { at: at(10, 11), volume_mL: 50 },
        { at: at(11, 10), volume_mL: 50 },
      ],
      now,
    ),
  ).toBeNull();
});

test('what was left out long ago is forgotten', () => {
  const plan = withSkipped(withSkipped(PLAN, 'tam', at(1, 8)), 'tam', at(28, 12));
  expect(Object.keys(plan.skipped)).toEqual([doseKey('tam', at(28, 12))]);
  expect(Object.keys(withSkipped(plan, 'tam', at(29, 8)).skipped)).toHaveLength(2);
});
