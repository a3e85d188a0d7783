import { router } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useAppSelector } from '../../state/store';
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

/** Says so when nothing can be sent, and that nothing is lost. */
export function OfflineBar() {
  const offline = useBrowserOffline();
  const waiting = useAppSelector(
    (state) => Object.values(state.drafts).filter(({ unsent, stuck }) => unsent && stuck === 'offline').length,
  );
  const steps = useAppSelector(({ brews }) => (offline || brews.unreachable ? brews.outbox.length : 0));
  const signedOut = useAppSelector(({ brews }) => brews.unreachable && brews.signedOut === true);
  if (!offline && waiting === 0 && steps === 0) return null;
  const what = [
    waiting > 0 && (waiting === 1 ? '1 drink' : `${waiting} drinks`),
    steps > 0 && (steps === 1 ? '1 thing you did' : `${steps} things you did`),
  ].filter(Boolean);
  const kept =
    what.length > 0
      ? `${what.join(' and ')} ${waiting + steps === 1 ? 'is' : 'are'} kept on this device and sent ${!offline && signedOut ? 'once you are in' : 'when it is back'}.`
      : 'What you type is kept on this device.';
  if (!offline && signedOut)
    return (
      <View role="status" className="flex-row flex-wrap items-center justify-between gap-2 bg-amber px-4 py-2">
        <Text variant="smallStrong" className="shrink text-onamber">
          You are signed out here. {kept}
        </Text>
        <Button label="Sign in" onPress={() => router.push('/welcome')} />
      </View>
    );
  return (
    <View role="status" className="bg-amber px-4 py-2">
      <Text variant="smallStrong" className="text-onamber">
        No connection. {kept}
      </Text>
    </View>
  );
}
