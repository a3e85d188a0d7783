import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { buildSync } from 'esbuild';

/**
 * Clocks that are put forward and back, and people who take a drink along into another zone. A process has one zone,
 * which it is started with: each is a process of its own.
 */

const SCRIPT = `
import { bottleUseBy, movedTo } from './keeping';
import { ageOf, doseStandings, spoonDoses } from './household';

const plan = (begins) => ({ people: { tam: true }, drinkId: 'd', amount_mL: 5, begins, skipped: {}, ended: null,
  phases: [{ days: 3, timesADay: 3 }], from_min: 8 * 60, to_min: 20 * 60 });
const two = (number) => String(number).padStart(2, '0');
const clock = (at) => at.getDate() + ' ' + two(at.getHours()) + ':' + two(at.getMinutes());
const doses = (begins) => {
  const all = spoonDoses(plan(begins));
  const now = new Date(all[3].getTime() + 60000);
  return {
    at: all.map(clock),
    night_h: (all[3] - all[2]) / 3600000,
    is: doseStandings(plan(begins), 'tam', all.slice(0, 4), now).slice(0, 4).map((each) => each.is),
  };
};
const keeping = { place: 'fridge', days: 7, daysOpened: 2, daysInCoolRoom: 3, heldBackBy: [],
  closed: { fridge: 7, 'cool room': 3, cupboard: 1, freezer: 180 } };
const madeAt = '2027-03-27T12:00:00.000Z';
const stands = [{ place: 'fridge', since: madeAt }];
const useBy = (where) => bottleUseBy(keeping, { madeAt, stands: where, openedAt: null }).useBy;
console.log(JSON.stringify({
  forward: doses('2027-03-27T05:00:00.000Z'),
  back: doses('2027-10-30T04:00:00.000Z'),
  stays: useBy(stands),
  moved: useBy(movedTo(keeping, stands, { place: 'cool-room', since: '2027-03-31T00:00:00.000Z' })),
  months: ageOf({ born: '2026-05', group: 'infant' }, new Date('2027-05-31T13:00:00.000Z')).months,
}));`;

interface Said {
  readonly forward: { readonly at: readonly string[]; readonly night_h: number; readonly is: readonly string[] };
  readonly back: Said['forward'];
  readonly stays: string;
  readonly moved: string;
  readonly months: number;
}

const ZONES = ['Europe/Oslo', 'America/St_Johns', 'Pacific/Auckland', 'UTC'] as const;
const said = {} as Record<(typeof ZONES)[number], Said>;
beforeAll(() => {
  const { outputFiles } = buildSync({
    stdin: { contents: SCRIPT, resolveDir: join(__dirname, '../src') },
    bundle: true,
    platform: 'node',
    format: 'cjs',
    write: false,
  });
  for (const zone of ZONES) {
    const env = { ...process.env, TZ: zone };
    said[zone] = JSON.parse(execFileSync(process.execPath, ['-e', outputFiles[0]!.text], { env, encoding: 'utf8' }));
  }
});

const HOURS = ['08:00', '14:00', '20:00'];
const on = (days: readonly number[]) => days.flatMap((day) => HOURS.map((hour) => `${day} ${hour}`));

// In Oslo clocks are put forward on 28 March 2027 at 2, and back on 31 October at 3.
test('doses stay at their hours when clocks are put forward and back', () => {
  expect(said['Europe/Oslo'].forward.at).toEqual(on([27, 28, 29]));
  expect(said['Europe/Oslo'].back.at).toEqual(on([30, 31, 1]));
});

test('the night in which they are is an hour shorter or longer, and no dose is missed for it', () => {
  const nights = (zone: (typeof ZONES)[number]) => [said[zone].forward.night_h, said[zone].back.night_h];
  expect(nights('Europe/Oslo')).toEqual([11, 13]);
  expect(nights('UTC')).toEqual([12, 12]);
  expect([said['Europe/Oslo'].forward.is, said['Europe/Oslo'].back.is]).toEqual([
    ['done', 'done', 'done', 'done'],
    ['done', 'done', 'done', 'done'],
  ]);
});

test('a bottle keeps so many times 24 hours, whatever clocks and zones do meanwhile', () => {
  expect(ZONES.map((zone) => said[zone].stays)).toEqual(ZONES.map(() => '2027-04-03T12:00:00.000Z'));
  // After half of its seven days it stands where it keeps three: half of them are left.
  expect(ZONES.map((zone) => said[zone].moved)).toEqual(ZONES.map(() => '2027-04-01T12:00:00.000Z'));
});

test('an age is counted by the calendar of where somebody is', () => {
  // 1 June in Auckland is still 31 May in St John’s: who was born in May is a whole year old only there.
  expect([said['Pacific/Auckland'].months, said['America/St_Johns'].months]).toEqual([12, 11]);
});
