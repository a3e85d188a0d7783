import { router } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useAppSelector, type RootState } from '../../domain/store';
import { momentWords } from '../../domain/words/moment-words';
import { TROUBLE_WORDS, type Trouble } from '../../state/sync/trouble';
import { Button } from '../../ui/button';
import { LazyWaiting } from './screens';
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

/** What is stuck of some that are typed into. */
const troublesOf = (typed: readonly { readonly stuck: Trouble | 'refused' | null }[]): readonly Trouble[] =>
  typed.flatMap(({ stuck }) => (stuck && stuck !== 'refused' ? [stuck] : []));

const drinkTroubles = ({ drafts }: RootState) => troublesOf(Object.values(drafts).filter(({ unsent }) => unsent));
/** Of what a kitchen has one of. */
const kitchenTroubles = ({ settingsDraft, plans, household, shopping }: RootState) =>
  troublesOf([...(settingsDraft ? [settingsDraft] : []), plans, household, shopping]);

const counted = (count: number, one: string, many: string): readonly string[] =>
  count === 0 ? [] : [count === 1 ? `1 ${one}` : `${count} ${many}`];
const listed = new Intl.ListFormat('en-GB');

const oldest = (times: readonly number[]): number | null => (times.length > 0 ? Math.min(...times) : null);

/** Says so when something cannot be sent, or what is shown is of before; why, and that nothing is lost. */
export function OfflineBar() {
  const offline = useBrowserOffline();
  const typedTrouble = useAppSelector((state) => [...drinkTroubles(state), ...kitchenTroubles(state)][0]);
  const drinks = useAppSelector((state) => drinkTroubles(state).length);
  const edits = useAppSelector((state) => kitchenTroubles(state).length);
  const entries = useAppSelector(({ queue }) => (queue.trouble || !navigator.onLine ? queue.entries.length : 0));
  const queueTrouble = useAppSelector(({ queue }) => queue.trouble);
  const full = useAppSelector(({ owner }) => owner.storageFull);
  const seenAt = useAppSelector(({ owner }) => oldest(Object.values(owner.seen)));
  const [looking, setLooking] = useState(false);
  const sheet = looking ? <LazyWaiting onClose={() => setLooking(false)} /> : null;
  const waits = drinks + edits + entries;
  const trouble: Trouble | undefined = offline || seenAt !== null ? 'no-connection' : (queueTrouble ?? typedTrouble);
  if (full && waits > 0)
    return <Bar>This device has no room to keep what you do. Leave this page open until it is sent.</Bar>;
  // It stays open when the last of it is taken back or sent.
  if (!trouble || (!offline && seenAt === null && waits === 0)) return sheet;
  const { says, until } = TROUBLE_WORDS[trouble];
  const what = [
    ...counted(drinks, 'drink', 'drinks'),
    ...counted(edits, 'edit of the kitchen', 'edits of the kitchen'),
    ...counted(entries, 'thing you did', 'things you did'),
  ];
  const ofThen = seenAt === null ? '' : `What you see is of ${momentWords(new Date(seenAt), new Date())}.`;
  const kept =
    waits > 0
      ? `${listed.format(what)} ${waits === 1 ? 'is' : 'are'} kept on this device and sent ${until}.`
      : 'What you type is kept on this device.';
  const canEnter = trouble === 'signed-out' || trouble === 'other-session';
  return (
    <>
      <Bar
        action={
          <>
            {waits > 0 ? (
              <Button label="Look" hint="Look at what is not sent yet" kind="plain" onPress={() => setLooking(true)} />
            ) : null}
            {canEnter ? <Button label="Sign in" onPress={() => router.push('/welcome')} /> : null}
          </>
        }
      >
        {[says, ofThen, kept].filter(Boolean).join(' ')}
      </Bar>
      {sheet}
    </>
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
