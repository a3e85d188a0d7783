import { screen, waitFor } from '@testing-library/react';
import { user } from './user';
import { RegisterForm, SignInForm } from '../src/features/accounts/account-forms';
import { WelcomeScreen } from '../src/features/accounts/welcome-screen';
import { DrinkScreen } from '../src/features/drink/drink-screen';
import { DrinksScreen } from '../src/features/drinks/drinks-screen';
import { NewDrinkSheet } from '../src/features/drinks/new-drink/new-drink-sheet';
import { KitchenScreen } from '../src/features/kitchen/kitchen-screen';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { mockGo } from './router-mock';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

const DRINK = {
  id: 'd',
  revision: 2,
  savedAt: '',
  savedBy: 'Wilf',
  document: {
    name: 'Dawn bottle',
    kind: 'sport',
    serving: '500 mL',
    target: null,
    steps: [
      { id: 'a', verb: 'add', text: '60 g white sugar' },
      { id: 'b', verb: 'add', text: 'water to 1 L' },
    ],
  },
};
const KITCHEN = {
  id: 'k',
  name: 'Galley',
  demo: false,
  invitation: 'ABCDEFGHJK',
  members: [{ id: 'p', name: 'Ines', email: 'ines@example.test', role: 'owner' }],
};
const SESSION = {
  account: { id: 'p', name: 'Ines', email: 'ines@example.test' },
  kitchen: { id: 'k', name: 'Galley', demo: false, role: 'owner' as const },
};

beforeEach(() => {
  mockGo.push.mockClear();
  mockGo.replace.mockClear();
});

describe('drinks', () => {
  test('listed with what they come to', async () => {
    fakeKitchen({ 'GET /drinks': { drinks: [DRINK] } });
    renderScreen(<DrinksScreen NewDrink={NewDrinkSheet} />);
    expect(await screen.findByText('Dawn bottle')).toBeTruthy();
    expect(await screen.findByText(/1 L · 2 × 500 mL$/)).toBeTruthy();
    expect(screen.getByText('none made')).toBeTruthy();
    expect(screen.getByText(/30 g sugars/)).toBeTruthy();
    expect(screen.getByRole('img', { name: /% water, \d+ % sugars/ })).toBeTruthy();
  });
  test('none yet: what to do', async () => {
    fakeKitchen({ 'GET /drinks': { drinks: [] } });
    renderScreen(<DrinksScreen NewDrink={NewDrinkSheet} />);
    expect(await screen.findByText('No drinks yet')).toBeTruthy();
  });
  test('no answer: why, and again', async () => {
    const answers: Record<string, unknown> = {};
    fakeKitchen(answers);
    renderScreen(<DrinksScreen NewDrink={NewDrinkSheet} />);
    expect(await screen.findByText(/does not answer/)).toBeTruthy();
    answers['GET /drinks'] = { drinks: [DRINK] };
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('Dawn bottle')).toBeTruthy();
  });
  test('a new one by kind, which begins with sensible steps', async () => {
    fakeKitchen({ 'GET /drinks': { drinks: [] } });
    const store = renderScreen(<DrinksScreen NewDrink={NewDrinkSheet} />);
    await user.click((await screen.findAllByRole('button', { name: 'New drink' }))[0]!);
    await user.click(await screen.findByRole('button', { name: /^Rehydration/ }));
    const [draft] = Object.values(store.getState().drafts);
    expect(draft!.mine).toMatchObject({ kind: 'rehydration', target: 'home-sugar-and-salt' });
    await waitFor(() => expect(mockGo.push).toHaveBeenCalledWith(`/drinks/${draft!.id}`));
  });
});

describe('a drink', () => {
  test('is shown, and made', async () => {
    const sent = fakeKitchen({ 'GET /drinks/d': DRINK });
    renderScreen(<DrinkScreen id="d" />);
    expect(await screen.findByText(/Version 2 · saved/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'More' }));
    await user.click(await screen.findByRole('menuitem', { name: 'Made it' }));
    await user.clear(await screen.findByRole('textbox', { name: 'Filled with, each' }));
    await user.type(screen.getByRole('textbox', { name: 'Filled with, each' }), '1 kg');
    expect(screen.getByText('A bottle is said in mL or L.')).toBeTruthy();
    await user.clear(screen.getByRole('textbox', { name: 'Filled with, each' }));
    await user.type(screen.getByRole('textbox', { name: 'Filled with, each' }), '500 mL');
    await user.click(screen.getByRole('radio', { name: 'Poured away' }));
    await user.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    expect(await screen.findByText(/^Kept on this device\. It is on the shelf once/)).toBeTruthy();
    const brew = sent.find(({ key }) => key.startsWith('PUT /brews/'))!;
    expect(brew.body).toMatchObject({ drinkId: 'd', drinkRevision: 2, bottles: [{ volume_mL: 500, place: 'fridge' }] });
  });
  test('that is not there says so', async () => {
    fakeKitchen({ 'GET /drinks/d': { status: 404, code: 'not-found', message: 'no' } });
    renderScreen(<DrinkScreen id="d" />);
    expect(await screen.findByText('No such drink')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'All drinks' }));
    expect(mockGo.replace).toHaveBeenCalledWith('/drinks');
  });
  test('removed step comes back with undo', async () => {
    fakeKitchen({ 'GET /drinks/d': DRINK });
    const store = renderScreen(<DrinkScreen id="d" />);
    await user.click(await screen.findByRole('button', { name: /^60 g white sugar/ }));
    await user.click(screen.getByRole('button', { name: 'Remove step' }));
    expect(store.getState().drafts.d!.mine.steps).toHaveLength(1);
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(store.getState().drafts.d!.mine.steps.map(({ id }) => id)).toEqual(['a', 'b']);
  });
});

describe('the kitchen and the door', () => {
  test('members, invitation, day and night, out', async () => {
    const sent = fakeKitchen({
      'GET /accounts/session': SESSION,
      'GET /kitchen': KITCHEN,
      'POST /kitchen/invitation': { ...KITCHEN, invitation: 'NEWNEWNEWN' },
      'POST /accounts/sign-out': 204,
    });
    const store = renderScreen(<KitchenScreen />);
    expect(await screen.findByText('ABCDEFGHJK')).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: 'Replace both' }));
    expect(await screen.findByText(/no longer work/)).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: 'Night' }));
    expect(store.getState().preferences.theme).toBe('dark');
    expect(document.documentElement.classList.contains('dark')).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Sign out' }));
    await waitFor(() => expect(mockGo.replace).toHaveBeenCalledWith('/welcome'));
    expect(sent.map(({ key }) => key)).toContain('POST /accounts/sign-out');
  });
  test('one tap opens the demo, where there is one', async () => {
    fakeKitchen({ 'GET /accounts/options': { demo: true }, 'POST /accounts/demo': SESSION });
    renderScreen(<WelcomeScreen />);
    await user.click(await screen.findByRole('button', { name: 'Open the demo kitchen' }));
    await waitFor(() => expect(mockGo.replace).toHaveBeenCalledWith('/drinks'));
  });
  test('a wrong password is told', async () => {
    fakeKitchen({
      'POST /accounts/sign-in': {
        status: 401,
        code: 'wrong-credentials',
        message: 'E-mail and password do not belong together',
      },
    });
    renderScreen(<SignInForm />);
    await user.click(screen.getByRole('button', { name: 'Sign in' }));
    expect(await screen.findByText('E-mail is not allowed to be empty')).toBeTruthy();
    await user.type(screen.getByLabelText('E-mail'), 'ines@example.test');
    await user.type(screen.getByLabelText('Password'), 'guess');
    await user.click(screen.getByRole('button', { name: 'Sign in' }));
    expect(await screen.findByText('E-mail and password do not belong together')).toBeTruthy();
  });
  test('an account is made with an invitation', async () => {
    const sent = fakeKitchen({ 'POST /accounts/register': { status: 201, ...SESSION } });
    renderScreen(<RegisterForm />);
    await user.type(screen.getByLabelText('Your name'), 'Ines');
    await user.type(screen.getByLabelText('E-mail'), 'ines@example.test');
    await user.type(screen.getByLabelText('Password'), 'short');
    await user.click(screen.getByRole('radio', { name: 'I have an invitation' }));
    await user.type(screen.getByLabelText('Invitation code'), 'ABC');
    await user.click(screen.getByRole('button', { name: 'Make account' }));
    expect(await screen.findByText(/at least 10 characters/)).toBeTruthy();
    await user.type(screen.getByLabelText('Password'), ' but longer now');
    await user.click(screen.getByRole('button', { name: 'Make account' }));
    // A draft of an earlier test may still be on its way.
    const registered = () => sent.find(({ key }) => key === 'POST /accounts/register')?.body;
    await waitFor(() => expect(registered()).toMatchObject({ invitation: 'ABC', email: 'ines@example.test' }));
    await waitFor(() => expect(mockGo.replace).toHaveBeenCalledWith('/drinks'));
  });
});
