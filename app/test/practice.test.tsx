import { act, screen, waitFor, within } from '@testing-library/react';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import {
  measureQuestionOf,
  practiceQuestion,
  type AmountQuestion,
  type PracticeAnswer,
  type SlipQuestion,
} from '@wellhydra/core/practice';
import type { WorthWeighing } from '../src/features/measures/answer-measures';
import {
  amountWords,
  bringsOf,
  gainfulGuesses,
  guessWords,
  practiceView,
  readGuess,
  resultView,
  stepWords,
} from '../src/features/practice/practice-view';
import { PracticeScreen } from '../src/features/practice/practice-screen';
import { guessed } from '../src/domain/practice/practised';
import { INES, emptyDevice, tabOf, written } from './device';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { STUMBLES } from './stumbles';
import { user } from './user';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

const YIELD = practiceQuestion('yield', () => 0.4) as AmountQuestion;
const SLIP = practiceQuestion('slip', () => 0.1) as SlipQuestion;

test.each([
  [1, 'Right on.'],
  [1.04, 'Right on.'],
  [1.3, '30 % too much.'],
  [0.5, '50 % too little.'],
  [2.5, '2.5 times too much.'],
  [40, '40 times too much.'],
])('a guess of %d times it: %s', (of, words) => expect(guessWords(of)).toBe(words));

test.each([
  ['', 'Guess first'],
  ['lots', 'A number of mL, such as 12'],
  ['0', 'A number of mL, such as 12'],
  ['-3', 'A number of mL, such as 12'],
  ['0x10', 'A number of mL, such as 12'],
  ['1e2', 'A number of mL, such as 12'],
  ['1,5,5', 'A number of mL, such as 12'],
  ['٣', 'A number of mL, such as 12'],
])('“%s” is no guess', (typed, why) => expect(readGuess(YIELD, typed)).toEqual({ kind: 'none', why }));
test('a comma is as good as a point', () =>
  expect([' 2,5 ', '2.5', '+2.50'].map((typed) => readGuess({ ...YIELD, truth: 2 }, typed))).toEqual(
    Array(3).fill({ kind: 'answer', of: 1.25 }),
  ));

test('three figures are enough of an amount', () =>
  expect([amountWords({ ...YIELD, truth: 1234.6 }), amountWords({ ...YIELD, truth: 0.3571 })]).toEqual([
    '1230 mL',
    '0.357 mL',
  ]));

test('what is said of all of it can be read', () => {
  const answers = (['measure', 'reduction', 'yield', 'salt', 'slip'] as const).flatMap((kind) =>
    Array.from({ length: 26 }, (_any, index): PracticeAnswer => ({
      kind,
      of: kind === 'slip' ? index % 2 : 1 + index / 10,
    })),
  );
  const said = [
    ...practiceView(answers).standings.map(({ says }) => says),
    ...practiceView([]).standings.map(({ says }) => says),
    ...Array.from({ length: 40 }, (_any, index) => index / 40).flatMap((random) =>
      (['measure', 'reduction', 'yield', 'salt', 'slip'] as const).flatMap((kind) => {
        const question = practiceQuestion(kind, () => random);
        const { title, lines } = resultView(question, 1.4);
        return [question.ask, title, ...lines, ...question.steps.map(stepWords)];
      }),
    ),
  ];
  for (const text of said) {
    for (const [, stumble] of STUMBLES) expect(text).not.toMatch(stumble);
    expect(text).not.toMatch(/\b(\w+) \1\b/);
  }
  expect(practiceView(answers).standings[2]!.says).toMatch(
    /^mostly within \d+ %, rather too much, less sure than before$/,
  );
});

test('what was wrong is said with how it was meant', () => {
  const { title, right, lines } = resultView(SLIP, 0);
  expect([title, right]).toEqual(['It was another one.', false]);
  expect(lines[0]).toMatch(/^“.+” should have been “.+”\.$/);
  expect(lines.length).toBeGreaterThan(1);
});

test('the three that would bring most are asked, and only those that would bring something', () => {
  const surer = { figure: 'perServing.sodium_mg', before: 0.6, after: 0.2 } as const;
  const worth = (name: string, brings = true): WorthWeighing => ({
    name,
    of: { id: 'table-salt', name: 'Table salt' },
    usual_g: 1,
    cv: 0.4,
    gain: 1,
    most: brings ? { drink: 'By hand', surer } : null,
  });
  const all = [worth('pinch'), worth('knob', false), worth('tsp'), worth('mug'), worth('jar')];
  const guesses = gainfulGuesses(all);
  expect(guesses.map(({ name }) => name)).toEqual(['pinch', 'tsp', 'mug']);
  expect(bringsOf(measureQuestionOf(all[0]!), guesses)).toBe(
    'Weighed a few times, it would bring By hand nearer: sodium within 20 % instead of 60 %.',
  );
  expect([bringsOf(measureQuestionOf(all[1]!), guesses), bringsOf(SLIP, guesses)]).toEqual(['', '']);
});

describe('the screen', () => {
  beforeEach(() => {
    jest.spyOn(Math, 'random').mockReturnValue(0.4);
    fakeKitchen({});
  });
  afterEach(() => jest.restoreAllMocks());

  test('an amount is guessed, told, counted and kept on the device', async () => {
    await emptyDevice();
    const store = await tabOf(INES);
    renderScreen(<PracticeScreen />, store);
    await user.click(screen.getByRole('radio', { name: 'What is left' }));
    await user.click(screen.getByRole('button', { name: 'That is my guess' }));
    expect(screen.getByText('Guess first')).toBeTruthy();
    await user.type(screen.getByLabelText('Your guess, mL'), String(Math.round(YIELD.truth * 3)));
    await user.click(screen.getByRole('button', { name: 'That is my guess' }));
    expect(await screen.findByText(/ mL\. 3\.0 times too much\.$/)).toBeTruthy();
    expect(screen.getByText('1 guessed')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Another one' }));
    expect((screen.getByLabelText('Your guess, mL') as HTMLInputElement).value).toBe('');
    await written();
    expect((await tabOf(INES)).getState().practised.answers).toHaveLength(1);
  });

  test('a slip is chosen among the steps; what was guessed can be forgotten and is back with one press', async () => {
    const store = renderScreen(<PracticeScreen />);
    act(() => void store.dispatch(guessed({ kind: 'salt', of: 2 })));
    await user.click(screen.getByRole('radio', { name: 'The slip' }));
    const [first] = within(screen.getByRole('list', { name: 'The recipe' })).getAllByRole('button');
    await user.click(first!);
    expect(await screen.findByText(/^(?:Found|It was another one)\.$/)).toBeTruthy();
    expect(store.getState().practised.answers).toHaveLength(2);
    await user.click(screen.getByRole('button', { name: 'Forget them' }));
    expect(store.getState().practised.answers).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(store.getState().practised.answers).toHaveLength(2);
  });

  const HAND = { settings: DEFAULT_SETTINGS, revision: 1 };
  const kitchenOf = (steps: DrinkDocument['steps']) => {
    const document = { name: 'By hand', kind: 'rehydration', serving: '250 mL', target: null, steps };
    return {
      'GET /kitchen/settings': HAND,
      'GET /kitchen/habits': { habits: {} },
      'GET /drinks': { drinks: [{ id: 'hand', revision: 1, savedAt: '', savedBy: 'Ines', document }] },
    };
  };

  test('the guess that one’s own drinks gain most by is asked, says what it would bring, and is weighed in its place', async () => {
    const kept = { ...HAND };
    const sent = fakeKitchen({
      ...kitchenOf([
        { id: 'a', verb: 'add', text: '1 L water' },
        { id: 'b', verb: 'add', text: '6 pinches table salt' },
      ]),
      'GET /kitchen/settings': () => kept,
      'PUT /kitchen/settings': () => Object.assign(kept, sent.at(-1)!.body, { revision: kept.revision + 1 }),
    });
    renderScreen(<PracticeScreen />);
    const gains = await screen.findByRole('list', { name: 'Guesses that make your drinks surer' });
    expect(within(gains).getByText('How much is your pinch of table salt?')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Guess it: How much is your pinch of table salt?' }));
    expect(screen.getByRole('list', { name: 'The recipe' }).textContent).toMatch(/1 pinch table salt/i);
    await user.type(screen.getByLabelText('Your guess, g'), '1');
    await user.click(screen.getByRole('button', { name: 'That is my guess' }));
    expect(
      within(await screen.findByRole('status')).getByText(
        /^Weighed a few times, it would bring By hand nearer: sodium within \d+ % instead of \d+ %\.$/,
      ),
    ).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Weigh yours' }));
    expect(screen.getByText('Weigh your pinch')).toBeTruthy();
    await user.type(screen.getByLabelText('The scale shows'), '1.5');
    await user.type(screen.getByLabelText('How many at once'), '{Backspace}3');
    for (const weighed of [1, 2, 3]) {
      if (weighed > 1) await user.type(screen.getByLabelText('The scale shows'), '1.5');
      await user.click(screen.getByRole('button', { name: 'Note it' }));
    }
    await waitFor(() => expect(kept.settings.measures?.[0]?.weighed_g).toEqual([0.5, 0.5, 0.5]));
    // Nothing is left to guess: it is known.
    expect(await screen.findByText(/^None of your drinks has a pinch/)).toBeTruthy();
  });

  test('where all is weighed, no guess would bring anything, and that is said', async () => {
    fakeKitchen(
      kitchenOf([
        { id: 'a', verb: 'add', text: '1 L water' },
        { id: 'b', verb: 'add', text: '3 g table salt' },
      ]),
    );
    renderScreen(<PracticeScreen />);
    expect(await screen.findByText(/^None of your drinks has a pinch/)).toBeTruthy();
  });

  test('before the kitchen is known nothing of one’s own can be weighed, and it says why', async () => {
    renderScreen(<PracticeScreen />);
    await user.click(screen.getByRole('radio', { name: 'A pinch' }));
    await user.type(screen.getByLabelText('Your guess, g'), '1');
    await user.click(screen.getByRole('button', { name: 'That is my guess' }));
    await user.click(await screen.findByRole('button', { name: 'Weigh yours' }));
    expect(screen.getByText('Your measures are not here yet')).toBeTruthy();
    expect(screen.queryByText('Weigh your pinch')).toBeNull();
  });
});
