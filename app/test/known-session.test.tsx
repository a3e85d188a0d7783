import { render, screen } from '@testing-library/react';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { Provider } from 'react-redux';
import { Text } from 'react-native';
import { useIsDrinker } from '../src/domain/accounts/use-is-drinker';
import { useKnownSession } from '../src/domain/accounts/known-session';
import { useSession } from '../src/domain/accounts/use-session';
import { useRunContext } from '../src/domain/run/use-run-context';
import { createStore, type Store } from '../src/domain/store';
import { ownerOf } from '../src/state/sync/owner';
import { emptyDevice, tabOf } from './device';
import { fakeKitchen } from './fake-kitchen';

/** Who is in while the server does not say. */

const session = (name: string, role: 'maker' | 'drinker' = 'maker') => ({
  account: { id: name.toLowerCase(), name, email: `${name}@example.test` },
  kitchen: { id: 'k', name: 'Galley', demo: false, role, personId: null },
});
const JUNO = session('Juno');
const measure = (member?: string) => ({
  id: `pinch-${member}`,
  name: 'pinch',
  of: 'table-salt',
  weighed_g: [0.5, 0.5, 0.5],
  ...(member ? { member } : {}),
});
const AWAY = {
  'GET /kitchen/settings': {
    revision: 1,
    settings: { ...DEFAULT_SETTINGS, measures: [measure('juno'), measure('wilf')] },
  },
};

function Who() {
  const who = useSession();
  const drinks = useIsDrinker();
  const { settings } = useRunContext();
  return (
    <Text>
      {`${who?.account.name ?? 'Nobody'}${drinks ? ' drinks' : ''}, ${settings.measures?.map(({ id }) => id).join() || 'no measures'}`}
    </Text>
  );
}
/** Keeps what the server said, as the door does. */
function Door({ said }: { readonly said: ReturnType<typeof session> }) {
  useKnownSession(said, null);
  return null;
}
const show = (store: Store, said?: ReturnType<typeof session>) => {
  if (said) render(<Door said={said} />).unmount();
  return render(
    <Provider store={store}>
      <Who />
    </Provider>,
  );
};
beforeEach(emptyDevice);

test('as the server says', async () => {
  fakeKitchen({ ...AWAY, 'GET /accounts/session': session('Wilf') });
  show(createStore());
  expect(await screen.findByText('Wilf, pinch-wilf')).toBeTruthy();
});

test('whoever was in before, where it does not answer: with the measures of their own', async () => {
  fakeKitchen(AWAY);
  show(await tabOf(ownerOf(JUNO)), JUNO);
  expect(await screen.findByText('Juno, pinch-juno')).toBeTruthy();
});

test('a drinker stays one', async () => {
  const tam = session('Tam', 'drinker');
  fakeKitchen({});
  show(await tabOf(ownerOf(tam)), tam);
  expect(await screen.findByText('Tam drinks, no measures')).toBeTruthy();
});

test('nobody, where somebody else has come in on another page of this device, or nobody is in', async () => {
  fakeKitchen(AWAY);
  const { unmount } = show(await tabOf(ownerOf(session('Wilf'))), JUNO);
  expect(await screen.findByText('Nobody, no measures')).toBeTruthy();
  unmount();
  show(createStore(), JUNO);
  expect(await screen.findByText('Nobody, no measures')).toBeTruthy();
});
