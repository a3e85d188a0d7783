import { Redirect } from 'expo-router';
import { useEffect } from 'react';
import { useStore } from 'react-redux';
import { failureOf } from '../../state/api';
import type { Store } from '../../state/store';
import { Loading, Message } from '../../ui/page-state';
import { useGetSessionQuery } from '../accounts/account-endpoints';
import { useKnownSession } from '../accounts/known-session';
import { sendLeftBehind } from '../drink/draft/draft-sync';
import { emptyOutbox } from '../make/outbox';
import { Shell } from './shell';

/** Lets in whoever is signed in. */
export function KitchenDoor() {
  const { data, error, isLoading, refetch } = useGetSessionQuery();
  const { getState, dispatch } = useStore() as Store;
  const failure = error ? failureOf(error) : null;
  // Without an answer, whoever was in here last stays in: what is made goes on.
  const known = useKnownSession(data, failure?.code ?? null);
  const signedIn = data !== undefined || known;
  useEffect(() => {
    if (!signedIn) return undefined;
    const send = () => {
      sendLeftBehind(getState, dispatch);
      void emptyOutbox(getState, dispatch);
    };
    send();
    window.addEventListener('online', send);
    return () => window.removeEventListener('online', send);
  }, [signedIn, getState, dispatch]);
  if (isLoading) return <Loading what="the kitchen" />;
  if (signedIn) return <Shell />;
  const { code, message } = failureOf(error);
  if (code === 'not-signed-in') return <Redirect href="/welcome" />;
  return (
    <Message
      title="The kitchen does not answer"
      text={`${message} What you typed here is kept on this device.`}
      action={{ label: 'Try again', onPress: () => void refetch() }}
    />
  );
}
