import { Redirect } from 'expo-router';
import { useEffect } from 'react';
import { useStore } from 'react-redux';
import { failureOf } from '../../state/api';
import { useAppDispatch, useAppSelector, type Store } from '../../domain/store';
import { enter } from '../../state/sync/enter';
import { Loading, Message } from '../../ui/page-state';
import { useGetSessionQuery } from '../../domain/accounts/account-endpoints';
import { useKnownSession } from '../../domain/accounts/known-session';
import { DrinkerShell } from './drinker-shell';
import { Shell } from './shell';

/**
 * Lets in whoever is signed in, with what this device has kept for them. Once in, they stay until they leave by
 * themselves: asking for the session again, whatever comes of it, must not take down a screen that somebody is working
 * on, nor lose the address they are at.
 */
export function KitchenDoor() {
  const { data, error, isFetching, refetch } = useGetSessionQuery();
  const dispatch = useAppDispatch();
  const { sendWaiting } = useStore() as Store;
  const failure = error ? failureOf(error) : null;
  // Without an answer, whoever was in here last stays in: what is made goes on.
  const session = useKnownSession(data, failure?.code ?? null);
  const inside = useAppSelector((state) => state.owner.owner !== null);
  useEffect(() => {
    if (!session || inside) return undefined;
    // The answer of the server comes while the session that was known is being let in already.
    let asked = true;
    void enter(session, dispatch, () => asked);
    return () => {
      asked = false;
    };
  }, [session, inside, dispatch]);
  useEffect(() => {
    if (!inside) return undefined;
    window.addEventListener('online', sendWaiting);
    return () => window.removeEventListener('online', sendWaiting);
  }, [inside, sendWaiting]);
  if (inside && session?.kitchen.role === 'drinker') return <DrinkerShell />;
  if (inside) return <Shell />;
  if (session || isFetching || !failure) return <Loading what="the kitchen" />;
  if (failure.code === 'not-signed-in') return <Redirect href="/welcome" />;
  return (
    <Message
      title="The kitchen does not answer"
      text={`${failure.message} What you typed here is kept on this device.`}
      action={{ label: 'Try again', onPress: () => void refetch() }}
    />
  );
}
