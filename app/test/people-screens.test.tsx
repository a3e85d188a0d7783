import type { HouseholdRecord, SaveHousehold } from '@wellhydra/contract';
import { NOBODY } from '@wellhydra/core/household';
import { screen, waitFor, within } from '@testing-library/react';
import { householdRowSaved, personRemoved } from '../src/domain/people/household';
import { peopleApi } from '../src/domain/people/people-endpoints';
import { ShelfScreen } from '../src/features/bottles/shelf/shelf-screen';
import { PeopleScreen } from '../src/features/people/people-screen';
import { NewPersonScreen } from '../src/features/people/person/new-person-screen';
import { PersonScreen } from '../src/features/people/person/person-screen';
import type { Store } from '../src/domain/store';
import { readSweat, sweatSays, replaces, sweatDrinks, EMPTY_SWEAT } from '../src/features/people/sweat/sweat-view';
import { sheetView } from '../src/features/people/sickness/sheet-view';
import { USUAL_CONTEXT } from '../src/domain/run/run-context';
import { INES, WILF, comesIn, emptyDevice, goes, tabOf, written } from './device';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { BREWS, HOUSE, NOW, at, bottle, drunk, person } from './trial-people';
import { user } from './user';
import { mockGo } from './router-mock';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

/** A server with the people of one kitchen, which counts revisions as the real one does. */
function fakeServer(people: HouseholdRecord['people'] = null, more: Record<string, unknown> = {}) {
  const server = { record: { revision: people ? 1 : 0, people } as HouseholdRecord, away: false };
  const answers: Record<string, unknown> = {
    'GET /people': () => (server.away ? undefined : server.record),
    'PUT /people': () => {
      if (server.away) return undefined;
      const { expectedRevision, people: next } = sent.at(-1)!.body as SaveHousehold;
      if (expectedRevision !== server.record.revision)
        return { status: 409, code: 'edited-elsewhere', message: '', details: { revision: server.record.revision } };
      server.record = { revision: expectedRevision + 1, people: next };
      return server.record;
    },
    ...more,
  };
  const sent = fakeKitchen(
    new Proxy(answers, {
      get: (target, key: string) =>
        target[key] ??
        (key.startsWith('GET /people/pours') ? target['pours'] : key.includes('/pours/') ? bottle() : undefined),
    }),
  );
  return { server, sent };
}
const asks = (store: Store) =>
  store.dispatch(peopleApi.endpoints.getPeople.initiate(undefined, { forceRefetch: true, subscribe: false }));
const saved = () => written(900);
const add = (id: string, row: Parameters<typeof person>[1] & { name?: string } = {}) =>
  householdRowSaved({ part: 'people', id, row: { ...person(row.name ?? 'Tam'), ...row } });
afterEach(emptyDevice);

describe('people are kept', () => {
  test('two phones that say different things of one person both keep theirs', async () => {
    const { server } = fakeServer();
    const [one, other] = [await tabOf(INES), await tabOf(WILF)];
    one.dispatch(add('tam'));
    await saved();
    await asks(other);
    one.dispatch(add('tam', { facts: { vegan: true } }));
    await saved();
    // The second phone has not seen that yet.
    other.dispatch(add('tam', { facts: { diabetes: true }, weight_kg: 23 }));
    await saved();
    expect(server.record.people!.people['tam']).toMatchObject({
      facts: { vegan: true, diabetes: true },
      weight_kg: 23,
    });
  });
  test('without a network it is kept for its owner, and seen by nobody else on the device', async () => {
    const { server } = fakeServer();
    server.away = true;
    const store = await tabOf(INES);
    store.dispatch(add('tam', { facts: { kidneys: true } }));
    await saved();
    goes(store);
    await comesIn(store, WILF);
    expect(store.getState().household.mine).toEqual(NOBODY);
    server.away = false;
    await saved();
    expect(server.record.people).toBeNull();
    goes(store);
    await comesIn(store, INES);
    await saved();
    expect(server.record.people!.people['tam']!.facts).toEqual({ kidneys: true });
  });
  test('whoever is taken out is gone with all that was kept of them', async () => {
    const { server } = fakeServer(HOUSE);
    const store = await tabOf(INES);
    await asks(store);
    store.dispatch(personRemoved('tam'));
    await saved();
    expect(JSON.stringify(server.record)).not.toContain('tam');
  });
});

const SHELF = { 'GET /bottles': { bottles: [bottle()], next: null } };
const poured = (sent: readonly { key: string; body: unknown }[]) =>
  sent.filter(({ key }) => key.startsWith('PUT') && key.includes('/pours/')).map(({ body }) => body);

/** The shelf in the order of use, with people; a pour is asked for. */
async function pouring(more: Record<string, unknown> = {}) {
  const { sent } = fakeServer(HOUSE, { ...SHELF, ...more });
  renderScreen(<ShelfScreen />);
  await user.click(await screen.findByRole('radio', { name: 'Use first' }));
  // One touch, whether or not it has been answered who there is.
  await user.click(screen.getByRole('button', { name: 'Pour 250 mL of Sea-room glass' }));
  expect(await screen.findByRole('list', { name: 'Who drinks it' })).toBeTruthy();
  return sent;
}

describe('a glass for somebody', () => {
  test('is two touches', async () => {
    const sent = await pouring();
    await user.click(await screen.findByRole('button', { name: /^Pour for Ines/ }));
    expect(await screen.findByText('Poured 250 mL of Sea-room glass for Ines')).toBeTruthy();
    await waitFor(() => expect(poured(sent)).toMatchObject([{ volume_mL: 250, personId: 'ines' }]));
  });
  test('that is not for them asks first, in words, and can still be recorded', async () => {
    const sent = await pouring();
    await user.click(await screen.findByRole('button', { name: /^Pour for Wren\. Not for Wren: honey/ }));
    expect(await screen.findByText(/can carry spores that kitchen heat/)).toBeTruthy();
    expect(poured(sent)).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Pour it all the same' }));
    await waitFor(() => expect(poured(sent)).toMatchObject([{ personId: 'wren' }]));
  });
  test('for several at once, with something in it, is one for each', async () => {
    const sent = await pouring();
    await user.click(await screen.findByRole('button', { name: 'Another amount, something added, earlier' }));
    await user.clear(screen.getByLabelText('How much for each'));
    await user.type(screen.getByLabelText('How much for each'), '2 tbsp');
    await user.type(screen.getByLabelText('Added to the glass, one thing a line'), '1 slice lemon');
    await user.click(screen.getByRole('button', { name: 'Several people' }));
    await user.click(screen.getByRole('checkbox', { name: 'Ines' }));
    await user.click(screen.getByRole('checkbox', { name: 'Wilf' }));
    await user.click(screen.getByRole('button', { name: 'Pour for 2' }));
    await waitFor(() => expect(poured(sent)).toHaveLength(2));
    expect(poured(sent)).toMatchObject([
      { personId: 'ines', additions: ['1 slice lemon'] },
      { personId: 'wilf', additions: ['1 slice lemon'] },
    ]);
    const [{ volume_mL }] = poured(sent) as [{ volume_mL: number }];
    expect(volume_mL).toBeCloseTo(30, 0);
  });
  test('more than there is, is told and not poured', async () => {
    const sent = await pouring();
    await user.click(await screen.findByRole('button', { name: 'Another amount, something added, earlier' }));
    await user.clear(screen.getByLabelText('How much for each'));
    await user.type(screen.getByLabelText('How much for each'), '2 L');
    await user.click(screen.getByRole('button', { name: /^Pour for Ines/ }));
    expect(await screen.findByText(/There are 1 L left/)).toBeTruthy();
    expect(poured(sent)).toEqual([]);
  });
});

describe('the people', () => {
  const pours = () => {
    const today = new Date();
    const hour = (hours: number) =>
      new Date(today.getFullYear(), today.getMonth(), today.getDate(), 0, hours).toISOString();
    return { pours: [drunk('wilf', hour(2)), drunk('wilf', hour(1))], brews: BREWS, next: null };
  };
  test('stand with their lines, and what is not for them', async () => {
    fakeServer(HOUSE, { ...SHELF, pours });
    renderScreen(<PeopleScreen />);
    expect(
      await screen.findByRole('group', { name: /^Potassium, added: 394 mg of 400 mg a day, from the clinic/ }),
    ).toBeTruthy();
    expect(screen.getByText('One more Sea-room glass crosses it: 197 mg')).toBeTruthy();
    expect(screen.getByText('Nothing on this shelf is for Wren.')).toBeTruthy();
  });
  test('nobody yet: what naming them is good for', async () => {
    fakeServer(null, { 'GET /bottles': { bottles: [], next: null } });
    renderScreen(<PeopleScreen />);
    expect(await screen.findByText(/stays in this kitchen/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Add someone' }));
    expect(mockGo.push).toHaveBeenCalledWith('/people/new');
  });
  test('what was drunk is not known without a network, and that is said', async () => {
    fakeServer(HOUSE, { ...SHELF });
    renderScreen(<PeopleScreen />);
    expect(await screen.findByText(/What was drunk today is not known now/)).toBeTruthy();
  });
  test('somebody new needs a name', async () => {
    fakeServer();
    const store = renderScreen(<NewPersonScreen />);
    await user.click(screen.getByRole('button', { name: 'Add them' }));
    expect(await screen.findByText('They need a name.')).toBeTruthy();
    await user.type(screen.getByLabelText('Name'), 'Odd');
    await user.click(screen.getByRole('button', { name: 'Medicines' }));
    await user.click(screen.getByRole('checkbox', { name: 'Trimethoprim' }));
    await user.click(screen.getByRole('button', { name: 'Add them' }));
    expect(Object.values(store.getState().household.mine.people)).toMatchObject([
      { name: 'Odd', facts: { trimethoprim: true } },
    ]);
  });
  test('a line of one’s own, a spoon plan, and out with undo', async () => {
    fakeServer(HOUSE, { ...SHELF, pours, 'GET /drinks': { drinks: [], next: null } });
    const store = renderScreen(<PersonScreen id="ines" />);
    const ines = () => store.getState().household.mine.people['ines'];
    await user.click(await screen.findByRole('button', { name: 'Draw a line of their own' }));
    await user.click(screen.getByRole('radio', { name: 'Another plant' }));
    await user.type(screen.getByLabelText('Which plant'), 'nettle');
    await user.type(screen.getByLabelText('The most a day, g, dried'), '3');
    await user.click(screen.getByRole('button', { name: 'Draw it' }));
    expect(ines()!.lines).toEqual({ 'plant:nettle': { most: 3, from: 'clinic' } });
    await user.click(screen.getByRole('button', { name: 'Take Ines out' }));
    await user.click((await screen.findAllByRole('button', { name: 'Take Ines out' })).at(-1)!);
    expect(ines()).toBeUndefined();
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(ines()!.name).toBe('Ines');
  });
  test('a sickness sheet counts, takes back, and says when to get help', async () => {
    fakeServer(HOUSE, { ...SHELF, pours });
    const store = renderScreen(<PersonScreen id="tam" />);
    await user.click(await screen.findByRole('button', { name: 'Begin a rehydration sheet' }));
    await user.click(await screen.findByRole('button', { name: 'Loose stool' }));
    await user.click(screen.getByRole('button', { name: 'Drank 50 mL' }));
    expect(await screen.findByText('1 loose stool: 100 to 200 mL in all; 50 mL drunk, 50 mL to go.')).toBeTruthy();
    expect(screen.queryByText('Get medical help now')).toBeNull();
    await user.click(screen.getByRole('checkbox', { name: 'Blood in the stool' }));
    expect(await screen.findByText('Get medical help now')).toBeTruthy();
    const noted = within(screen.getByRole('list', { name: 'Noted' }));
    await user.click(noted.getByRole('button', { name: /^Take back: Drank 50 mL/ }));
    const [sheet] = Object.values(store.getState().household.mine.sheets);
    expect(Object.values(sheet!.entries)).toHaveLength(1);
    await user.click(screen.getByRole('button', { name: 'They are well again' }));
    expect(await screen.findByRole('button', { name: 'Delete 1 old' })).toBeTruthy();
  });
});

describe('sweat and sickness in words', () => {
  const form = { ...EMPTY_SWEAT, before: '70', after: '68,6', drunk: '1000', minutes: '120' };
  test('a test is read, and what is wrong is told at its field', () => {
    expect(readSweat(EMPTY_SWEAT)).toEqual({ kind: 'empty' });
    expect(readSweat(form)).toMatchObject({ kind: 'test', test: { after_kg: 68.6 } });
    expect(readSweat({ ...form, minutes: 'two hours' })).toMatchObject({ kind: 'wrong', field: 'minutes' });
    expect(readSweat({ ...form, after: '700' })).toMatchObject({ kind: 'wrong', field: 'after' });
  });
  test('what it comes to has its spread, and drinks say how much an hour', () => {
    const read = readSweat(form);
    const { says, result } = sweatSays(read.kind === 'test' ? read.test : (null as never));
    expect(says[0]).toMatch(/^About 1\.2 L an hour; 1\.\d to 1\.\d L by the scale\.$/);
    const sport = {
      name: 'Dawn bottle',
      kind: 'sport' as const,
      serving: '500 mL',
      target: null,
      steps: [
        { id: 'a', verb: 'add' as const, text: '2 g table salt' },
        { id: 'b', verb: 'add' as const, text: '1 L water' },
      ],
    };
    const [view] = replaces(result!, sweatDrinks([{ id: 'd', document: sport }], USUAL_CONTEXT));
    // 1.2 L is lost, and no more than 1 L an hour is drunk: 2 g of NaCl in about a litre.
    expect(view!.words).toMatch(/^1 L an hour: 7[89]0 mg sodium, 71 % of what is lost/);
    expect(
      sweatSays({ before_kg: 70, after_kg: 71, drunk_mL: 0, urine_mL: 0, minutes: 60, clothes: 'none', marks: 'none' })
        .result,
    ).toBeNull();
  });
  test('what was poured for them counts as drunk', () => {
    const sheet = { personId: 'tam', begins: at(8), entries: {}, signs: {}, ended: null };
    const pour = { pour: drunk('tam', at(9)), brew: BREWS.w, intake: null as never };
    expect(sheetView(sheet, HOUSE.people['tam']!, [pour], NOW).says[1]).toBe('No loose stool noted; 250 mL drunk.');
    expect(sheetView({ ...sheet, begins: at(10) }, HOUSE.people['tam']!, [pour], NOW).says[1]).toMatch(
      /^No loose stool noted; 0 mL drunk/,
    );
  });
});
