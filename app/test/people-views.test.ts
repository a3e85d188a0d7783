import { hadOf, hadOn, pourIntake, weekStart } from '../src/domain/people/drunk';
import { lastsViews, spoonViews } from '../src/domain/people/spoons';
import { peopleRows } from '../src/domain/people/use-people';
import { drinkers, readPour } from '../src/features/bottles/pour/pour-view';
import { found, shelfGroups, standingView } from '../src/features/bottles/shelf/shelf-groups';
import { paceWords } from '../src/features/bottles/bottles-view';
import { bottleOfCode } from '../src/features/bottles/shelf/read-code';
import { staleLabels } from '../src/features/bottles/labels/reprint-note';
import { drinkColour } from '../src/features/bottles/drink-colour';
import { cardViews } from '../src/features/people/cards/card-view';
import { daysHad, weekView } from '../src/features/people/person/week-view';
import { planPreview } from '../src/features/people/spoons/plan-view';
import { aimForm, aimQuestion, withPeople } from '../src/features/drink/aim/aim-form';
import { analyseDrink } from '@wellhydra/core/analyse';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { labelSummary } from '@wellhydra/core/people';
import { BREWS, FACTS, HOUSE, NOW, at, bottle, drunk, person, spoonPlan } from './trial-people';

const ROWS = peopleRows(HOUSE);
const had = (...pours: ReturnType<typeof drunk>[]) => hadOf({ pours, brews: BREWS });
const form = (by: object = {}) => ({ amount: '250 mL', additions: '', at: null, ...by });

describe('a glass as it is typed', () => {
  test.each([
    ['250 mL', {}, 250],
    ['1 serving', {}, 250],
    ['half a serving', {}, 125],
    ['2 servings', {}, 500],
    ['0.1 L', {}, 100],
    ['5 g', { kind: 'dry-mix', serving_mL: 5 }, 5],
    ['2 scoops', { kind: 'dry-mix', serving_mL: 5 }, 10],
  ])('%s is %#', (amount, by, volume) =>
    expect(readPour(form({ amount }), bottle(by), {})).toMatchObject({ kind: 'pour', volume_mL: volume }),
  );
  test.each([
    ['', 'amount'],
    ['some', 'amount'],
    ['0 mL', 'amount'],
    ['5 g', 'amount'],
  ])('“%s” is told to be none', (amount, field) =>
    expect(readPour(form({ amount }), bottle(), {})).toMatchObject({ kind: 'wrong', field }),
  );
  test('what goes into the glass is reckoned, and what cannot be read is named', () => {
    const read = readPour(form({ additions: '10 g white sugar\n\n0.5 g table salt' }), bottle(), {});
    expect(read).toMatchObject({ kind: 'pour', additions: ['10 g white sugar', '0.5 g table salt'] });
    expect(read.kind === 'pour' && read.brought!.sugars_g).toBeCloseTo(10, 1);
    const wrong = readPour(form({ additions: '1 tsp honey\n2 g moonshine dust' }), bottle(), {});
    expect(wrong).toMatchObject({ kind: 'wrong', field: 'additions', message: expect.stringMatching(/moonshine/) });
  });
});

describe('who drinks it', () => {
  const views = (pours: ReturnType<typeof drunk>[] = [], by: object = {}) =>
    Object.fromEntries(
      drinkers(bottle(), readPour(form(by), bottle(), {}), { people: ROWS, had: had(...pours), now: NOW }).map(
        (view) => [view.name, view],
      ),
    );
  test('a stop asks first and names them; a line that is not crossed does not', () => {
    const { Wren, Ines, Wilf } = views();
    expect(Wren!.asks[0]!.title).toBe('Not for Wren: honey');
    expect(Ines!.asks).toEqual([]);
    expect(Wilf!.asks).toEqual([]);
  });
  test('a line that this glass would cross asks first, in words', () => {
    const { Wilf } = views([drunk('wilf', at(9)), drunk('wilf', at(11))]);
    expect(Wilf!.asks).toEqual([
      {
        title: 'Potassium, added: over Wilf’s line',
        text: 'This brings it to 591 mg, more than the 400 mg a day, from the clinic.',
      },
    ]);
    expect(Wilf!.grave).toBe(true);
    // What was drunk yesterday counts for yesterday.
    expect(views([drunk('wilf', at(9, 27)), drunk('wilf', at(11, 27))]).Wilf!.asks).toEqual([]);
  });
  test('a bottle of which nothing is known asks first, whoever it is for', () => {
    const unknown = bottle({ facts: null });
    const [ines] = drinkers(unknown, readPour(form(), unknown, {}), { people: ROWS, had: [], now: NOW });
    expect(ines).toMatchObject({ grave: true, aside: 'What is in it is not known' });
    expect(ines!.asks).toHaveLength(1);
  });
  test('what is added counts with it', () => {
    const { Ines } = views([], { additions: '60 g white sugar' });
    expect(Ines!.asks[0]!.title).toBe('Sugars: over Ines’s line');
  });
});

test('a pour is a share of a serving, with what went into the glass', () => {
  expect(pourIntake(BREWS.w, 125).sodium_mg).toBe(250);
  expect(pourIntake({ facts: null, serving_mL: 250 }, 125).sodium_mg).toBe(0);
  expect(hadOn(had(drunk('ines', at(9)), drunk('ines', at(23, 27))), 'ines', NOW)).toHaveLength(1);
  expect(new Date(weekStart(NOW)).getDate()).toBe(22);
});

describe('cards', () => {
  const cards = (pours: ReturnType<typeof drunk>[] = [], bottles = [bottle()]) =>
    Object.fromEntries(cardViews(ROWS, { had: had(...pours), bottles, now: NOW }).map((card) => [card.name, card]));
  test('a line with its pours, where it stands, and what one more would do', () => {
    const [line] = cards([drunk('wilf', at(9)), drunk('wilf', at(11))]).Wilf!.lines;
    expect(line).toMatchObject({ name: 'Potassium, added', taken: '394 mg', of: 'of 400 a day', crossed: false });
    expect(line!.stretches).toHaveLength(2);
    expect(line!.stretches[1]![0]).toBeCloseTo(line!.stretches[0]![1], 9);
    expect(line!.stretches[1]![1]).toBeLessThan(line!.mark);
    expect(line!.next).toBe('One more Sea-room glass crosses it: 197 mg');
  });
  test('a crossed line stands inside its gauge', () => {
    const [line] = cards([9, 10, 11].map((hour) => drunk('wilf', at(hour)))).Wilf!.lines;
    expect(line!.crossed).toBe(true);
    expect(line!.stretches.at(-1)![1]).toBeCloseTo(1, 6);
    expect(line!.mark).toBeLessThan(1);
    expect(line!.next).toBeNull();
  });
  test('usual lines show once they are under way, and what is not for somebody is counted', () => {
    const { Ines, Wren } = cards([drunk('ines', at(9)), drunk('ines', at(10))]);
    expect(Ines!.lines.map(({ name }) => name)).toEqual(['Sugars', 'Sodium', 'Potassium, added']);
    expect(Ines!.beside).toBe('night watch');
    expect(Ines!.glasses).toBe('2 glasses or spoons today: Sea-room glass.');
    expect(Wren!.shelf!.title).toBe('Nothing on this shelf is for Wren.');
    expect(Wren!.shelf!.text).toMatch(/honey/i);
    expect(
      cards(
        [],
        [
          bottle(),
          bottle({ facts: { ...FACTS, contains: [], added: { ...FACTS.added, potassium_mg: 0, sodium_mg: 0 } } }),
        ],
      ).Wren!.shelf!.title,
    ).toBe('1 bottle of 2 is not for Wren.');
    expect(Ines!.shelf).toBeNull();
  });
});

test('a week has seven days, its lines and its glasses', () => {
  const pours = had(
    drunk('wilf', at(9)),
    drunk('wilf', at(9, 26)),
    drunk('wilf', at(10, 26)),
    drunk('wilf', at(11, 26)),
  );
  const [line] = weekView(HOUSE.people.wilf!, 'wilf', pours, NOW);
  expect(line!.days.map(({ crossed }) => crossed)).toEqual([false, false, false, false, true, false, false]);
  expect(line!.spoken).toMatch(/591 mg at most in a day; crossed on 1 day$/);
  const days = daysHad('wilf', pours, NOW);
  expect(days.map(({ glasses }) => glasses.length)).toEqual([1, 3]);
  expect(days[0]!.glasses[0]!.aside).toBe('09:00 · 250 mL');
});

describe('by the spoon', () => {
  const known = (pours: ReturnType<typeof drunk>[], plan = spoonPlan(), bottles = [bottle()]) => ({
    household: { ...HOUSE, spoonPlans: { plan } },
    had: had(...pours),
    bottles,
    names: new Map([['d', 'Fogbank']]),
    now: NOW,
  });
  const spoon = (hour: number) => drunk('tam', at(hour), { volume_mL: 5 });
  test('what was taken, missed, and is due', () => {
    const [view] = spoonViews(known([spoon(8), spoon(10)]));
    expect(view!.doses.map(({ is, clock }) => `${clock} ${is}`)).toEqual([
      '08:00 done',
      '10:00 done',
      '12:00 missed',
      '14:00 due',
      '16:00 ahead',
      '18:00 ahead',
    ]);
    expect(view!.words).toBe('12:00 was missed. 3 a day from tomorrow.');
    expect([view!.due!.at.getHours(), view!.bottle!.batch, view!.amount]).toEqual([14, 'SR-01', '5 mL']);
  });
  test('how long the bottle lasts, and by when the next one is begun', () => {
    // Due now, two more today, then three a day: 3 + 7 x 3 = 24 doses of 5 mL.
    const lasts = (left: number, minutes: number | null = 600) =>
      lastsViews(
        known([spoon(8), spoon(10), spoon(12)], spoonPlan(), [bottle({ remaining_mL: left })]),
        () => minutes,
      )[0]!;
    expect(lasts(120)).toMatchObject({ readyBy: null, words: 'Bottle SR-01 lasts to the end of it.' });
    const short = lasts(60);
    expect(short.out).toMatchObject({ kind: 'runs-out', missing_mL: 60 });
    // Twelve doses: three today and nine until Tuesday; the first that is missing is on Wednesday at 8.
    expect(short.words).toBe('Bottle SR-01 lasts until Wed 2 Dec. Begin the next one by Mon 30 Nov.');
    expect(short.readyBy).toEqual(new Date(2026, 11, 1, 8));
    expect(lasts(60, null).words).toBe('Bottle SR-01 lasts until Wed 2 Dec.');
    expect(lastsViews(known([], spoonPlan(), []), () => 60)[0]!.words).toMatch(
      /^There is none left\. Begin the next one now\.$/,
    );
  });
  test('a plan is told back before it is begun, with whom it is not for', () => {
    const preview = (text: string, people = ['tam']) =>
      planPreview(
        { drinkId: 'd', text, people, from_min: 480, to_min: 1080, begins: NOW },
        { household: HOUSE, bottles: [bottle()], had: [], now: NOW },
      );
    const { plan, says, wrong } = preview('1 tsp every two hours today, then three a day for a week');
    expect(wrong).toBeNull();
    expect(plan).toMatchObject({
      amount_mL: 5,
      phases: [
        { days: 1, every_h: 2 },
        { days: 7, timesADay: 3 },
      ],
    });
    expect(says[1]).toBe('Sat 28 Nov: 14:15, 16:15. The last one is on Sat 5 Dec at 18:00.');
    expect(says[2]).toBe('23 in all, 115 mL; 1 L is on the shelf.');
    expect(preview('1 tsp three a day', ['wren']).warns[0]!.title).toBe('Not for Wren: honey');
    expect(preview('250 mL 4 a day', ['wilf']).warns.map(({ title }) => title)).toContain(
      'Potassium, added: over Wilf’s line',
    );
    expect(preview('now and then').wrong).toMatch(/./);
    expect(preview('').wrong).toBeNull();
  });
});

describe('the shelf', () => {
  test('by place, the usual ones first, each bottle as high as it is large', () => {
    const own = { ...DEFAULT_SETTINGS, places: [{ name: 'Boat locker', like: 'cool-room' as const }] };
    const groups = shelfGroups(
      [
        bottle({ id: '1', place: 'cool-room', spot: 'Boat locker' }),
        bottle({ id: '2', place: 'cupboard', kind: 'dry-mix', volume_mL: 260, remaining_mL: 205, serving_mL: 5 }),
        bottle({ id: '3' }),
      ],
      own,
      NOW,
    );
    expect(groups.map(({ title }) => title)).toEqual([
      'Fridge · 4 °C',
      'Cupboard · 21 °C',
      'Boat locker · like cool room',
    ]);
    expect(groups[1]!.bottles[0]!.count).toBe('41 of 52 scoops');
    const small = standingView(
      bottle({ vessel: { name: '', shape: 'jar', size_mL: 250, dark: false }, volume_mL: 240 }),
      NOW,
    );
    expect(small.height).toBeLessThan(groups[0]!.bottles[0]!.height);
    expect(standingView(bottle({ remaining_mL: 250 }), NOW).level).toBe(0.25);
  });
  test('is searched by name, batch and place', () => {
    const bottles = [bottle(), bottle({ id: '2', drinkName: 'Lime syrup', batch: 'LS-02', place: 'freezer' })];
    expect(found(bottles, 'sr-01')).toHaveLength(1);
    expect(found(bottles, 'lime FREEZER')).toHaveLength(1);
    expect(found(bottles, 'lime fridge')).toHaveLength(0);
    expect(found(bottles, '  ')).toHaveLength(2);
  });
  test('a bottle tells until when it lasts at this pace', () => {
    const pours = [22, 23, 24, 25, 26, 27].map((date) => ({ volume_mL: 50, pouredAt: at(14, date) }));
    // 300 mL in six days and ten minutes: 100 mL last two more.
    expect(paceWords({ remaining_mL: 100 }, pours, NOW)).toBe(
      'At the pace of the last week it lasts until Mon 30 Nov.',
    );
    expect([paceWords({ remaining_mL: 0 }, pours, NOW), paceWords({ remaining_mL: 100 }, [], NOW)]).toEqual([
      null,
      null,
    ]);
  });
  test('colours are those of what stains, and a powder is white', () => {
    expect(drinkColour('syrup', ['honey', 'elderberries-dried'])).toBe('#5B1E45');
    expect(drinkColour('dry-mix', ['beetroot-juice'])).toBe(drinkColour('dry-mix'));
    expect(drinkColour('infused-water', ['orange'])).toBe(drinkColour('infused-water'));
  });
  test('a code leads to a bottle, or to none', () => {
    expect(bottleOfCode(`http://127.0.0.1:4870/bottles/${bottle().id}`)).toBe(bottle().id);
    expect(bottleOfCode('https://example.test/bottles/')).toBeNull();
    expect(bottleOfCode('hello')).toBeNull();
  });
  test('a label that says something else than is so is to be printed again', () => {
    const said = labelSummary(bottle(), {}, NOW);
    const stuck = bottle({ label: { at: at(9), said } });
    expect(staleLabels([stuck, bottle()], {}, NOW)).toEqual([]);
    expect(staleLabels([{ ...stuck, place: 'freezer' }], {}, NOW)).toHaveLength(1);
    expect(staleLabels([stuck], { wren: person('Wren', { group: 'infant' }) }, NOW)).toHaveLength(1);
  });
});

test('doses that are made for somebody come under their lines', () => {
  const analysis = analyseDrink({ name: 'Trial', kind: 'sport', steps: [{ verb: 'add', text: '1 L water' }] });
  const form = withPeople(aimForm(analysis, DEFAULT_SETTINGS), [{ person: HOUSE.people['wilf']! }], NOW);
  expect(form.limits).toContainEqual({ person: 'Wilf', key: 'addedPotassium_mg', most: 400 });
  expect(form.limits).toContainEqual({ person: 'Wilf', key: 'sodium_mg', most: 2300 });
  expect(aimQuestion(form)).toMatchObject({ limits: form.limits });
  const question = aimQuestion(withPeople(form, [], NOW));
  expect(typeof question === 'string' ? question : question.limits).toBeUndefined();
});
