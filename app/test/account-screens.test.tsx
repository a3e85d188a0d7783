import { screen, waitFor, within } from '@testing-library/react';
import { ForgottenForm } from '../src/features/accounts/forgotten-form';
import { ResetForm } from '../src/features/accounts/reset-form';
import { DeleteAccountSheet } from '../src/features/kitchen/account/delete-account-sheet';
import { PasswordSheet } from '../src/features/kitchen/account/password-sheet';
import { SessionsSheet } from '../src/features/kitchen/account/sessions-sheet';
import { DeedsSheet } from '../src/features/kitchen/members/deeds-sheet';
import { MembersPart } from '../src/features/kitchen/members/members-part';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { KITCHEN, PIA, memberSession } from './trial-members';
import { user } from './user';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

const press = async (name: string | RegExp) => user.click(await screen.findByRole('button', { name }));
const type = async (label: string, text: string) => user.type(await screen.findByLabelText(label), text);
const refusal = (code: string, message: string, status = 409) => ({ status, code, message });

describe('a password that was forgotten', () => {
  test('is asked for by e-mail, and the answer tells nothing of an account', async () => {
    const sent = fakeKitchen({ 'POST /accounts/reset-request': 202 });
    renderScreen(<ForgottenForm onBack={() => undefined} />);
    await press('Send me the link');
    expect(screen.getByText('Write your e-mail first')).toBeTruthy();
    await type('E-mail', 'ines@example.test');
    await press('Send me the link');
    expect(await screen.findByText(/^If there is an account with ines@example\.test/)).toBeTruthy();
    expect(sent).toEqual([{ key: 'POST /accounts/reset-request', body: { email: 'ines@example.test' } }]);
  });
  test('a link that is over says so, and what was typed stays', async () => {
    fakeKitchen({ 'POST /accounts/reset': refusal('reset-over', 'This link was used already', 404) });
    renderScreen(<ResetForm token="a-token" onDone={() => undefined} />);
    await type('New password', 'kelp lantern ferry oats');
    await press('Take it');
    expect(await screen.findByText('This link was used already')).toBeTruthy();
    expect((screen.getByLabelText('New password') as HTMLInputElement).value).toBe('kelp lantern ferry oats');
  });
});

describe('an account of one’s own', () => {
  test('a new password is taken, and a wrong old one told', async () => {
    let tries = 0;
    const sent = fakeKitchen({
      'PUT /accounts/password': () =>
        (tries += 1) === 1 ? refusal('wrong-credentials', 'This is not the password of this account.', 401) : 204,
    });
    const close = jest.fn();
    renderScreen(<PasswordSheet onClose={close} />);
    await press('Take it');
    expect(screen.getByText('Write the password you have now')).toBeTruthy();
    await type('Password now', 'old one');
    await type('New password', 'kelp lantern');
    await press('Take it');
    expect(await screen.findByText('This is not the password of this account.')).toBeTruthy();
    await press('Take it');
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(sent[1]!.body).toEqual({ password: 'old one', newPassword: 'kelp lantern' });
  });
  test('where one is signed in, and out there', async () => {
    const at = '2026-11-30T08:00:00.000Z';
    const session = { device: 'Linux; Android 15 Mobile', since: at, seenAt: at };
    const sent = fakeKitchen({
      'GET /accounts/sessions': {
        sessions: [
          { ...session, id: 'a', device: 'X11; Linux', here: true },
          { ...session, id: 'b', here: false },
        ],
      },
      'DELETE /accounts/sessions/b': 204,
    });
    renderScreen(<SessionsSheet onClose={() => undefined} />);
    expect(await screen.findByText('A computer, this one')).toBeTruthy();
    expect(screen.getByText('A phone')).toBeTruthy();
    await press('Sign out');
    await waitFor(() => expect(sent.map(({ key }) => key)).toContain('DELETE /accounts/sessions/b'));
  });
  test.each([
    [true, 'The kitchen goes with it', false],
    [false, 'The kitchen stays with the others', true],
  ])('deleting it, alone in the kitchen: %s', async (alone, said, choice) => {
    const sent = fakeKitchen({ 'POST /accounts/delete': 204 });
    const deleted = jest.fn();
    renderScreen(<DeleteAccountSheet alone={alone} onClose={() => undefined} onDeleted={deleted} />);
    expect(await screen.findByText(new RegExp(said))).toBeTruthy();
    expect(screen.queryByRole('radio', { name: 'Stays under my name' }) !== null).toBe(choice);
    if (choice) await user.click(screen.getByRole('radio', { name: 'Was done by somebody who left' }));
    await type('Your password', 'mine');
    await press('Delete it for good');
    await waitFor(() => expect(deleted).toHaveBeenCalled());
    expect(sent[0]!.body).toEqual({ password: 'mine', keepName: !choice });
  });
});

describe('members', () => {
  const show = () => renderScreen(<MembersPart kitchen={KITCHEN} onLeft={() => undefined} />);

  test('a maker changes nobody and replaces no invitation', async () => {
    fakeKitchen({ 'GET /accounts/session': memberSession('w', 'maker') });
    show();
    expect(await screen.findByText('Wilf, you')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Change|Replace/ })).toBeNull();
  });
  test('an owner takes somebody out only after a second word, and the last owner is told why not', async () => {
    const sent = fakeKitchen({
      'GET /accounts/session': memberSession('i', 'owner'),
      'PUT /kitchen/members/i/role': refusal('last-owner', 'A kitchen with members needs an owner'),
      'DELETE /kitchen/members/w': KITCHEN,
    });
    show();
    await press('Change Ines');
    await user.click(screen.getByRole('radio', { name: 'Maker' }));
    expect(await screen.findByText('A kitchen with members needs an owner')).toBeTruthy();
    await press('Close');
    await press('Change Wilf');
    await press('Take out of the kitchen');
    expect(sent.map(({ key }) => key)).not.toContain('DELETE /kitchen/members/w');
    await press('Yes, take Wilf out');
    await waitFor(() => expect(sent.map(({ key }) => key)).toContain('DELETE /kitchen/members/w'));
  });
  test('which of the people a drinker is is asked of drinkers alone, and can be said to be nobody', async () => {
    const person = { name: 'Pia', note: '', born: null, group: 'adult', weight_kg: null, facts: {}, lines: {} };
    const sent = fakeKitchen({
      'GET /accounts/session': memberSession('i', 'owner'),
      'GET /people': {
        revision: 1,
        people: { people: { [PIA]: person }, spoonPlans: {}, sweatTests: {}, sheets: {} },
      },
      'PUT /kitchen/members/t/role': KITCHEN,
    });
    show();
    await press('Change Wilf');
    expect(screen.queryByLabelText(/^Which of the people/)).toBeNull();
    await press('Close');
    await press('Change Tam');
    const which = await screen.findByLabelText('Which of the people Tam is');
    expect(await within(which).findByText('Pia')).toBeTruthy();
    await user.selectOptions(which, '');
    await waitFor(() =>
      expect(sent.filter(({ key }) => key === 'PUT /kitchen/members/t/role').map(({ body }) => body)).toEqual([
        { role: 'drinker', personId: null },
      ]),
    );
  });
  test('what was done is read a page at a time', async () => {
    const line = (id: string, by: string) => ({
      id,
      at: '2026-11-30T08:00:00.000Z',
      kind: 'joined',
      by,
      whom: null,
      about: '',
    });
    fakeKitchen({
      'GET /kitchen/members/audit?limit=50': { lines: [line('a', 'Wilf')], next: 'more' },
      'GET /kitchen/members/audit?limit=50&cursor=more': { lines: [line('b', 'Tam')], next: null },
    });
    renderScreen(<DeedsSheet onClose={() => undefined} />);
    expect(await screen.findByText('Wilf joined')).toBeTruthy();
    await press('Older');
    expect(await screen.findByText('Tam joined')).toBeTruthy();
    await press('Newer');
    expect(await screen.findByText('Wilf joined')).toBeTruthy();
  });
});
