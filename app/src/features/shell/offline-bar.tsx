import { router } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useAppSelector, type RootState } from '../../domain/store';
import { TROUBLE_WORDS, type Trouble } from '../../state/sync/trouble';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';

function useBrowserOffline(): boolean {
  const [offline, setOffline] = useState(() => !navigator.onLine);
  useEffect(() => {
    const changed = () => setOffline(!navigator.onLine);
    window.addEventListener('online', changed);
    window.addEventListener('offline', changed);
    return () => {
      window.removeEventListener('online', changed);
      window.removeEventListener('offline', changed);
    };
  }, []);
  return offline;
}

/** Drafts that wait, with the trouble that they wait for. */
const draftTroubles = ({ drafts, settingsDraft }: RootState): readonly Trouble[] =>
  [...Object.values(drafts).filter(({ unsent }) => unsent), ...(settingsDraft ? [settingsDraft] : [])].flatMap(
    ({ stuck }) => (stuck && stuck !== 'refused' ? [stuck] : []),
  );

const counted = (count: number, one: string, many: string): string | false =>
  count > 0 && (count === 1 ? `1 ${one}` : `${count} ${many}`);

/** Says so when something cannot be sent, why, and that nothing is lost. */
export function OfflineBar() {
  const offline = useBrowserOffline();
  const draftTrouble = useAppSelector((state) => draftTroubles(state)[0]);
  const drafts = useAppSelector((state) => draftTroubles(state).length);
  const entries = useAppSelector(({ queue }) => (queue.trouble || !navigator.onLine ? queue.entries.length : 0));
  const queueTrouble = useAppSelector(({ queue }) => queue.trouble);
  const full = useAppSelector(({ owner }) => owner.storageFull);
  const trouble: Trouble | undefined = offline ? 'no-connection' : (queueTrouble ?? draftTrouble);
  if (full && (drafts > 0 || entries > 0))
    return <Bar>This device has no room to keep what you do. Leave this page open until it is sent.</Bar>;
  if (!trouble || (!offline && drafts + entries === 0)) return null;
  const { says, until } = TROUBLE_WORDS[trouble];
  const what = [counted(drafts, 'drink', 'drinks'), counted(entries, 'thing you did', 'things you did')].filter(
    Boolean,
  );
  const kept =
    what.length > 0
      ? `${what.join(' and ')} ${drafts + entries === 1 ? 'is' : 'are'} kept on this device and sent ${until}.`
      : 'What you type is kept on this device.';
  const canEnter = trouble === 'signed-out' || trouble === 'other-session';
  return (
    <Bar action={canEnter ? <Button label="Sign in" onPress={() => router.push('/welcome')} /> : null}>
      {says} {kept}
    </Bar>
  );
}

function Bar({ children, action = null }: { readonly children: React.ReactNode; readonly action?: React.ReactNode }) {
  return (
    <View role="status" className="flex-row flex-wrap items-center justify-between gap-2 bg-amber px-4 py-2">
      <Text variant="smallStrong" className="shrink text-onamber">
        {children}
      </Text>
      {action}
    </View>
  );
}
