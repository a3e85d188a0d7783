import { Redirect } from 'expo-router';
import { useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import { failureOf } from '../../state/api';
import type { Store } from '../../state/store';
import { Loading, Message } from '../../ui/page-state';
import { useGetSessionQuery } from '../accounts/account-endpoints';
import { useKnownSession } from '../accounts/known-session';
import { sendLeftBehind } from '../drink/draft/draft-sync';
import { emptyOutbox } from '../make/outbox';
import { Shell } from './shell';

/**
 * Whether somebody is in. Once in, they stay until they leave by themselves: asking for the session again, whatever
 * comes of it, must not take down a screen that somebody is working on, nor lose the address they are at.
 */
function useInside(signedIn: boolean): boolean {
  const [inside, setInside] = useState(signedIn);
  if (signedIn && !inside) setInside(true);
  return inside || signedIn;
}

/** Lets in whoever is signed in. */
export function KitchenDoor() {
  const { data, error, isFetching, refetch } = useGetSessionQuery();
  const { getState, dispatch } = useStore() as Store;
  const failure = error ? failureOf(error) : null;
  // Without an answer, whoever was in here last stays in: what is made goes on.
  const known = useKnownSession(data, failure?.code ?? null);
  const inside = useInside(data !== undefined || known);
  useEffect(() => {
    if (!inside) return undefined;
    const send = () => {
      sendLeftBehind(getState, dispatch);
      void emptyOutbox(getState, dispatch);
    };
    send();
    window.addEventListener('online', send);
    return () => window.removeEventListener('online', send);
  }, [inside, getState, dispatch]);
  if (inside) return <Shell />;
  if (isFetching || !failure) return <Loading what="the kitchen" />;
  if (failure.code === 'not-signed-in') return <Redirect href="/welcome" />;
  return (
    <Message
      title="The kitchen does not answer"
      text={`${failure.message} What you typed here is kept on this device.`}
      action={{ label: 'Try again', onPress: () => void refetch() }}
    />
  );
}
