import { screen, waitFor, within } from '@testing-library/react';
import { user } from './user';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { ConflictNote } from '../src/features/drink/header/conflict-note';
import { DrinkScreen } from '../src/features/drink/drink-screen';
import { OriginSheet } from '../src/features/drink/figures/origin-sheet';
import { figuresView } from '../src/features/drink/figures/figures-view';
import { originView } from '../src/features/drink/figures/origin-view';
import { runContext } from '../src/domain/run/run-context';
import { fakeKitchen, renderScreen } from './fake-kitchen';

const mockGo = { push: jest.fn(), replace: jest.fn() };
jest.mock('expo-router', () => ({
  router: {
    push: (...args: unknown[]) => mockGo.push(...args),
    replace: (...args: unknown[]) => mockGo.replace(...args),
  },
  Link: ({ children }: { children: React.ReactNode }) => children,
}));

const DOCUMENT: DrinkDocument = {
  name: 'Dawn bottle',
  kind: 'sport',
  serving: '500 mL',
  target: null,
  steps: [
    { id: 'a', verb: 'add', text: '60 g white sugar' },
    { id: 'b', verb: 'add', text: '1.5 g salt' },
    { id: 'c', verb: 'add', text: 'water to 1 L' },
  ],
};
const RECORD = { id: 'd', revision: 2, savedAt: '2026-10-01T08:00:00Z', savedBy: 'Wilf', document: DOCUMENT };
const press = (name: string | RegExp) => user.click(screen.getByRole('button', { name }));
async function retype(label: string, text: string): Promise<void> {
  await user.clear(screen.getByLabelText(label));
  await user.type(screen.getByLabelText(label), text);
}

/** The drink on the screen, with one of its sheets open. */
async function opened(item: string, answers: Record<string, unknown> = {}) {
  const sent = fakeKitchen({
    'GET /drinks/d': RECORD,
    'GET /drinks': { drinks: [RECORD] },
    ...answers,
  });
  const store = renderScreen(<DrinkScreen id="d" />);
  await user.click(await screen.findByRole('button', { name: 'More' }));
  await user.click(await screen.findByRole('menuitem', { name: item }));
  return { sent, mine: () => store.getState().drafts.d!.mine, store };
}

describe('size and kind', () => {
  test('a serving that is no amount says so, and is kept as it was typed', async () => {
    const { mine } = await opened('Size and kind');
    await retype('Serving', 'some');
    expect(screen.getByLabelText<HTMLInputElement>('Serving').value).toBe('some');
    expect(screen.getByRole('alert').textContent).toBe('Start with a number, such as 250 mL or 1/2 tsp.');
    await retype('Serving', '250 mL');
    expect(mine().serving).toBe('250 mL');
  });

  test('filled up to another mark, the water changes and nothing else', async () => {
    const { mine } = await opened('Size and kind');
    await retype('Fill up to', '2 kg');
    expect(screen.getByText('A total is a volume, such as 1 L.')).toBeTruthy();
    await retype('Fill up to', '1.5 L');
    expect(mine().steps.map(({ text }) => text)).toEqual(['60 g white sugar', '1.5 g salt', 'water to 1.5 L']);
  });

  test('another kind has other figures to be measured against', async () => {
    const { mine } = await opened('Size and kind');
    await user.click(screen.getByRole('radio', { name: 'Rehydration' }));
    expect(mine()).toMatchObject({ kind: 'rehydration', target: null });
    const against = within(screen.getByRole('radiogroup', { name: 'Measured against' })).getAllByRole('radio');
    await user.click(against.at(-1)!);
    expect(mine().target).not.toBeNull();
  });

  test('deleted, one is back among the drinks', async () => {
    const { sent } = await opened('Size and kind', { 'DELETE /drinks/d': 204 });
    await press('Delete drink');
    await waitFor(() => expect(mockGo.replace).toHaveBeenCalledWith('/drinks'));
    expect(sent.some(({ key }) => key === 'DELETE /drinks/d')).toBe(true);
  });
});

describe('other sheets', () => {
  test('the pot is told step by step', async () => {
    await opened('The pot, step by step');
    const moments = within(screen.getByRole('list', { name: 'The pot after each step' })).getAllByRole('listitem');
    expect(moments).toHaveLength(3);
    expect(moments[0]!.textContent).toMatch(/60 g/);
    expect(moments[2]!.textContent).toMatch(/1 L/);
  });

  test('a copy is a drink of its own', async () => {
    const { store } = await opened('Copy it');
    const copy = Object.values(store.getState().drafts).find(({ id }) => id !== 'd')!;
    expect(copy.mine.name).toBe('Dawn bottle, another way');
    expect(copy.mine.steps.map(({ text }) => text)).toEqual(DOCUMENT.steps.map(({ text }) => text));
    expect(copy.mine.steps.some(({ id }) => DOCUMENT.steps.some((step) => step.id === id))).toBe(false);
    expect(mockGo.push).toHaveBeenCalledWith(`/drinks/${copy.id}`);
  });

  test('resized, everything is twice as much, and one press takes it back', async () => {
    const { mine } = await opened('Resize');
    await retype(screen.getAllByRole('textbox').at(-1)!.getAttribute('aria-label')!, '4');
    await user.click(screen.getByRole('button', { name: 'Use this size' }));
    expect(mine().steps.map(({ text }) => text)).toEqual(['120 g white sugar', '3 g salt', 'water to 2 L']);
    await press('Undo');
    expect(mine().steps.map(({ text }) => text)).toEqual(DOCUMENT.steps.map(({ text }) => text));
  });

  test('the header follows a name that is typed', async () => {
    fakeKitchen({ 'GET /drinks/d': RECORD });
    const store = renderScreen(<DrinkScreen id="d" />);
    await user.type(await screen.findByLabelText('Name of the drink'), ' of the pilots');
    expect(store.getState().drafts.d!.mine.name).toBe('Dawn bottle of the pilots');
  });
});

describe('where a figure comes from', () => {
  const analysis = analyseDocument(DOCUMENT, runContext(null, [DOCUMENT]));
  const figures = figuresView(analysis, 'litre', {});
  const origin = (label: string) =>
    originView(
      analysis,
      'litre',
      figures.find((figure) => figure.label.startsWith(label))!,
    );

  test('sodium is the salt’s, with its step and its source', () => {
    const { title, rows } = origin('Sodium');
    expect(title).toMatch(/^Sodium.*: /);
    expect(rows[0]).toMatchObject({ id: 'table-salt', steps: 'step 2' });
    // All of it: nothing else brings any.
    expect(rows[0]!.share).toBeCloseTo(1, 2);
    expect(rows[0]!.source).toMatch(/; (?:sure|fairly sure|an estimate)$/);
  });

  test('what does not add up says how it is found', () => {
    const { how, rows } = origin('Dissolved particles');
    expect(how).toMatch(/counted in the water/);
    expect(rows).toEqual([]);
  });

  test('is shown part by part, and closed', async () => {
    const closed = jest.fn();
    renderScreen(<OriginSheet view={origin('Sodium')} onClose={closed} />);
    const rows = within(screen.getByRole('list', { name: 'Comes from' })).getAllByRole('listitem');
    expect(rows[0]!.textContent).toMatch(/100 % · step 2/);
    await press('Done');
    expect(closed).toHaveBeenCalled();
  });
});

describe('two people changed the same thing', () => {
  const note = (theirs: string | null) => {
    const chosen: string[] = [];
    renderScreen(
      <ConflictNote
        conflict={{ at: 'a', theirs } as never}
        otherName="Tam"
        onTake={() => chosen.push('theirs')}
        onKeep={() => chosen.push('mine')}
      />,
    );
    return chosen;
  };

  test('what the other wrote is taken or left', async () => {
    const chosen = note('80 g white sugar');
    expect(screen.getByRole('alert').textContent).toContain('Tam wrote “80 g white sugar” here meanwhile.');
    await press('Take theirs');
    await press('Keep mine');
    expect(chosen).toEqual(['theirs', 'mine']);
  });

  test('what the other removed can go, too', async () => {
    const chosen = note(null);
    expect(screen.getByRole('alert').textContent).toContain('Tam removed this meanwhile.');
    await press('Remove it');
    expect(chosen).toEqual(['theirs']);
  });
});
