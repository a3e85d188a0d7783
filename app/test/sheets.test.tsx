import { screen, waitFor, within } from '@testing-library/react';
import { user } from './user';
import type { DrinkDocument, EditedStep } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { useState } from 'react';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { AimSheet } from '../src/features/drink/aim/aim-sheet';
import { CompareSheet } from '../src/features/drink/compare/compare-sheet';
import { exchangeStep, replaceStep } from '../src/domain/drinks/edit-document';
import { ResizeSheet } from '../src/features/drink/resize/resize-sheet';
import { OpenedStep } from '../src/features/drink/step/opened-step';
import { stepsView } from '../src/features/drink/step/steps-view';
import { VariantsSheet } from '../src/features/drink/variants/variants-sheet';
import { VersionsSheet } from '../src/features/drink/versions/versions-sheet';
import { Equipment } from '../src/features/kitchen/equipment';
import { USUAL_CONTEXT, runContext } from '../src/domain/run/run-context';
import { rowsOf } from '../src/state/sync/vault';
import { INES, emptyDevice, tabOf, written } from './device';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { SACHET, steps } from './trial-drinks';

const ELDER = steps(
  '100 g dried elderberries',
  '950 mL water',
  'simmer 45 min lid off',
  'strain through cloth',
  '340 g honey',
);
const deaf = () => undefined;
const SESSION = {
  account: { id: 'a', name: 'Tam', email: 'tam@example.test' },
  kitchen: { id: 'k', name: 'Galley', demo: false, role: 'owner' as const },
};

describe('the sheet of a step', () => {
  let now: DrinkDocument;
  function Trial({ from, id }: { readonly from: DrinkDocument; readonly id: string }) {
    const [document, setDocument] = useState(from);
    now = document;
    const analysis = analyseDocument(document);
    const view = stepsView(document, analysis).find((each) => each.id === id);
    return view ? (
      <OpenedStep
        drinkId="d"
        view={view}
        document={document}
        analysis={analysis}
        context={runContext(null, [{ ...SACHET, name: 'Sick bay' }])}
        onReplace={(step: EditedStep) => setDocument(replaceStep(document, step))}
        onExchange={(stepId, ways) => setDocument(exchangeStep(document, stepId, ways, () => 'n'))}
        onClose={deaf}
      />
    ) : null;
  }
  const step = (id: string) => now.steps.find((each) => each.id === id)!;
  beforeEach(() => fakeKitchen({ 'GET /bottles': { bottles: [] } }));

  test('time, lid and note are set by touch', async () => {
    renderScreen(<Trial from={ELDER} id="s2" />);
    await user.click(screen.getByRole('radio', { name: '20 min' }));
    await user.click(within(screen.getByRole('radiogroup', { name: 'Lid' })).getByRole('radio', { name: 'ajar' }));
    await user.type(screen.getByLabelText('Note'), 'Stay');
    await user.click(screen.getByRole('checkbox', { name: 'Optional' }));
    expect(step('s2')).toMatchObject({ text: '20 min', lid: 'ajar', note: 'Stay', optional: true });
    await user.click(within(screen.getByRole('radiogroup', { name: 'Lid' })).getByRole('radio', { name: 'as usual' }));
    expect(step('s2').lid).toBeUndefined();
  });
  test('another verb leaves behind what it does not ask, and keeps the note', async () => {
    const noted = { ...ELDER, steps: ELDER.steps.map((each) => ({ ...each, note: 'Stay' })) };
    renderScreen(<Trial from={noted} id="s2" />);
    await user.click(screen.getByRole('button', { name: 'Do something else' }));
    await user.click(screen.getByRole('radio', { name: 'Chill' }));
    expect(step('s2')).toEqual({ id: 's2', verb: 'chill', text: 'to 8 °C', note: 'Stay' });
  });
  test('what is done to a glass is put in or stirred: nobody processes jars into one', async () => {
    const glass = () => screen.queryByRole('checkbox', { name: /^Into each glass/ });
    renderScreen(
      <Trial from={{ ...ELDER, steps: [{ id: 'new', verb: 'stir', text: '', atServing: true }] }} id="new" />,
    );
    expect(glass()).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Do something else' }));
    await user.click(screen.getByRole('radio', { name: 'Process jars' }));
    expect(glass()).toBeNull();
    expect(step('new').atServing).toBeUndefined();
  });
  test('an ingredient is found and measured, or a drink of the kitchen is used', async () => {
    renderScreen(<Trial from={{ ...ELDER, steps: [{ id: 'new', verb: 'add', text: '' }] }} id="new" />);
    await user.type(screen.getByLabelText('Find an ingredient, or a drink of yours'), 'sick');
    await user.click(screen.getByRole('button', { name: /^Sick bay/ }));
    await user.click(screen.getByRole('radio', { name: '100 mL' }));
    expect(step('new')).toEqual({ id: 'new', verb: 'use', text: '100 mL Sick bay' });
  });
  test('a way is taken with all its steps', async () => {
    renderScreen(<Trial from={ELDER} id="s2" />);
    await user.click(screen.getByRole('button', { name: 'Compare ways' }));
    await user.click(screen.getByRole('button', { name: 'Do this: Simmer 15 min, steep 8 h' }));
    expect(now.steps.map(({ verb }) => verb)).toEqual(['add', 'add', 'simmer', 'steep', 'strain', 'add']);
  });
  test('honey is swapped for something vegan', async () => {
    renderScreen(<Trial from={ELDER} id="s4" />);
    await user.click(screen.getByRole('button', { name: 'Swap it' }));
    await user.click(screen.getByRole('radio', { name: 'Vegan' }));
    await user.click(screen.getByRole('button', { name: /^Use it: .* agave syrup/ }));
    expect(step('s4').text).toMatch(/g agave syrup$/);
  });
});

test('resizing shows what changes before it is taken', async () => {
  const taken: DrinkDocument[] = [];
  renderScreen(
    <ResizeSheet
      document={ELDER}
      analysis={analyseDocument(ELDER)}
      context={USUAL_CONTEXT}
      onTake={(document) => taken.push(document)}
      onClose={deaf}
    />,
  );
  await user.click(screen.getByRole('radio', { name: 'Use up' }));
  await user.type(screen.getByLabelText('What is there'), '200 g dried elderberries');
  expect(screen.getByText(/^× 2:/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Use this size' }));
  expect(taken[0]!.steps[0]!.text).toBe('200 g dried elderberries');
});

test('doses are aimed, and taken as steps with their target', async () => {
  const taken: [readonly { text: string }[], string][] = [];
  renderScreen(
    <AimSheet
      drinkId="d"
      analysis={analyseDocument(SACHET)}
      context={USUAL_CONTEXT}
      onTake={(doses, target) => taken.push([doses, target])}
      onClose={deaf}
    />,
  );
  const doses = await screen.findByRole('list', { name: 'Doses' });
  expect(within(doses).getByText('Glucose, anhydrous')).toBeTruthy();
  await user.click(screen.getByRole('radio', { name: 'My own' }));
  await user.type(screen.getByLabelText('Magnesium, mmol/L'), '2');
  expect(await screen.findByText(/There is no source of magnesium/)).toBeTruthy();
  await user.click(screen.getByRole('radio', { name: 'Reduced-osmolarity rehydration' }));
  await user.click(screen.getByRole('button', { name: 'Use these doses' }));
  expect(taken[0]![1]).toBe('reduced-osmolarity-rehydration');
  expect(taken[0]![0].at(-2)!.text).toBe('water to 1000 mL');
});

test('a drink is pasted beside another; what cannot be read says so', async () => {
  renderScreen(<CompareSheet document={ELDER} context={USUAL_CONTEXT} onClose={deaf} />);
  const box = screen.getByLabelText('Or with one you paste, a step a line');
  await user.click(box);
  await user.paste('{"a":');
  await user.click(screen.getByRole('button', { name: 'Compare with this' }));
  expect(screen.getByText(/cannot be read/)).toBeTruthy();
  await user.clear(box);
  await user.click(box);
  await user.paste('Quay syrup\n100 g dried elderberries\n500 mL water');
  await user.click(screen.getByRole('button', { name: 'Compare with this' }));
  expect(screen.getByText('Quay syrup')).toBeTruthy();
  expect(within(screen.getByRole('list', { name: 'Steps side by side' })).getAllByRole('listitem')).toHaveLength(5);
});

test('slots, variants, a blind taste, and the winner', async () => {
  fakeKitchen({ 'GET /accounts/session': SESSION });
  const kept: string[] = [];
  function Trial() {
    const [document, setDocument] = useState<DrinkDocument>({ ...SACHET, name: 'Deck bottle' });
    return (
      <VariantsSheet
        document={document}
        context={USUAL_CONTEXT}
        onChange={(variants) => setDocument({ ...document, variants })}
        onKeep={(_document, name) => kept.push(name)}
        onClose={deaf}
      />
    );
  }
  renderScreen(<Trial />);
  await user.click(screen.getByRole('radio', { name: '13.5 g glucose' }));
  await user.type(screen.getByLabelText('Choice 2'), '15 g honey');
  await user.click(screen.getByRole('button', { name: 'Make all' }));
  const list = screen.getByRole('list', { name: 'Variants' });
  expect(within(list).getAllByRole('listitem')).toHaveLength(2);
  await user.click(screen.getByRole('button', { name: 'Taste' }));
  for (const [glass, points] of [
    ['Glass 1', '2'],
    ['Glass 2', '5'],
  ] as const) {
    await user.click(
      within(screen.getByRole('radiogroup', { name: `Points for ${glass}` })).getByRole('radio', { name: points }),
    );
    await user.click(screen.getByRole('button', { name: `Give score to ${glass}` }));
  }
  expect(screen.getByLabelText('Liked best')).toBeTruthy();
  await user.click(within(list).getAllByRole('button', { name: /^Keep this one/ })[0]!);
  expect(kept).toEqual(['A']);
});

test('versions are told by what changed, named, and gone back to', async () => {
  const version = (revision: number, document: DrinkDocument) => ({
    id: 'd',
    revision,
    document,
    savedAt: '2026-03-01T10:00:00.000Z',
    savedBy: 'Ines',
    label: null,
    brews: revision === 1 ? 2 : 0,
  });
  const less = { ...ELDER, steps: ELDER.steps.slice(0, 4) };
  const sent = fakeKitchen({
    'GET /drinks/d/versions': { versions: [version(2, ELDER), version(1, less)] },
    'PUT /drinks/d/versions/1/label': 204,
  });
  const back: number[] = [];
  renderScreen(
    <VersionsSheet id="d" onCompare={deaf} onGoBack={({ revision }) => back.push(revision)} onClose={deaf} />,
  );
  expect(await screen.findByText('added 340 g honey')).toBeTruthy();
  expect(screen.getByText('Made 2 times')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Name it: version 1' }));
  await user.type(screen.getByLabelText('Name of this version'), 'Plain');
  await user.click(screen.getByRole('button', { name: 'Save name' }));
  await waitFor(() => expect(sent).toContainEqual({ key: 'PUT /drinks/d/versions/1/label', body: { label: 'Plain' } }));
  await user.click(await screen.findByRole('button', { name: 'Go back to version 1' }));
  expect(back).toEqual([1]);
});

describe('what the kitchen has', () => {
  test('it is saved by itself; what cannot be stays in its box', async () => {
    const sent = fakeKitchen({
      'GET /kitchen/settings': { revision: 0, settings: null },
      'PUT /kitchen/settings': { revision: 1, settings: { ...DEFAULT_SETTINGS, altitude_m: 900 } },
    });
    renderScreen(<Equipment />);
    await user.click(await screen.findByRole('button', { name: 'Change altitude and temperatures' }));
    const box = screen.getByLabelText('Altitude, m');
    await user.clear(box);
    await user.type(box, '99000');
    expect(screen.getByText('Between -400 and 6000 m.')).toBeTruthy();
    await user.clear(box);
    await user.type(box, '900');
    await waitFor(() => expect(sent.some(({ key }) => key === 'PUT /kitchen/settings')).toBe(true));
    const put = sent.filter(({ key }) => key === 'PUT /kitchen/settings').at(-1)!.body as {
      settings: { altitude_m: number };
    };
    expect(put.settings.altitude_m).toBe(900);
  });
  test('without a server it is kept on this device', async () => {
    fakeKitchen({ 'GET /kitchen/settings': { revision: 0, settings: null } });
    renderScreen(<Equipment />, await tabOf(INES));
    await user.click(await screen.findByRole('button', { name: 'Change strainers' }));
    await user.click(screen.getByRole('checkbox', { name: 'Mill' }));
    expect(await screen.findByText(/^Kept on this device/)).toBeTruthy();
    await written();
    expect((await rowsOf(INES)).settings).toMatchObject([{ mine: { strainers: expect.arrayContaining(['mill']) } }]);
    await emptyDevice();
  });
});
