import { lazy, Suspense, useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { failureOf, refusalOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Loading } from '../../ui/page-state';
import { Refusal } from '../../ui/refusal';
import { Text } from '../../ui/text';
import { useEnterDemoMutation, useGetOptionsQuery } from '../../domain/accounts/account-endpoints';
import { useEntering } from '../../domain/accounts/use-entering';

// The forms bring their checking library with them; nobody needs it before signing in.
const SignInForm = lazy(async () => ({ default: (await import('./account-forms')).SignInForm }));
const RegisterForm = lazy(async () => ({ default: (await import('./account-forms')).RegisterForm }));

const ForgottenForm = lazy(async () => ({ default: (await import('./forgotten-form')).ForgottenForm }));
const ResetForm = lazy(async () => ({ default: (await import('./reset-form')).ResetForm }));

type Way = 'sign-in' | 'register';
const WAYS: readonly { readonly value: Way; readonly label: string }[] = [
  { value: 'sign-in', label: 'Sign in' },
  { value: 'register', label: 'New account' },
];

/** What a link has brought: an invitation, or leave to take a new password. It stands where no server sees it. */
function broughtByLink(): { readonly invitation?: string; readonly reset?: string } {
  const { hash } = window.location;
  const [, reset] = /^#reset=([\w-]{20,100})$/.exec(hash) ?? [];
  const [, invitation] = /^#([A-Z0-9]{4,40})$/i.exec(hash) ?? [];
  return { ...(reset ? { reset } : {}), ...(invitation ? { invitation } : {}) };
}

/** The door. */
export function WelcomeScreen() {
  const [way, setWay] = useState<Way | null>(null);
  const { data: options, error: unreachable, refetch } = useGetOptionsQuery();
  const [enterDemo, { error, isLoading }] = useEnterDemoMutation();
  const enter = useEntering();
  const openDemo = async () => {
    const { data } = await enterDemo();
    if (data) enter();
  };
  const { invitation, reset } = useMemo(() => broughtByLink(), []);
  const [aside, setAside] = useState<'forgotten' | 'reset' | null>(reset === undefined ? null : 'reset');
  const backToSignIn = () => {
    setAside(null);
    setWay('sign-in');
  };
  const shown = way ?? (invitation !== undefined || (options && !options.demo) ? 'register' : null);
  return (
    <ScrollView className="flex-1 bg-mist" contentContainerClassName="min-h-full justify-center" role="main">
      <View className="w-full max-w-[460px] gap-5 self-center p-6">
        <Text variant="title" className="text-44 leading-48">
          Wellhydra
        </Text>
        <Text className="text-18 leading-26">
          Type what goes into the jug. See what is in every glass, be warned when the salt is wrong, and find it again
          tomorrow.
        </Text>
        {unreachable ? (
          <View role="alert" className="gap-3">
            <Text className="text-heat">{failureOf(unreachable).message}</Text>
            <Button label="Try again" kind="plain" onPress={() => void refetch()} />
          </View>
        ) : null}
        {options?.demo && aside === null ? (
          <View className="gap-2">
            <Button label="Open the demo kitchen" size="large" disabled={isLoading} onPress={() => void openDemo()} />
            <Text variant="small">
              Skerry Light, the galley of an invented bird-ringing station. Everything in it is made up.
            </Text>
            <Refusal message={refusalOf(error)} />
          </View>
        ) : null}
        {aside ? (
          <Suspense fallback={<Loading what="the form" />}>
            {aside === 'reset' && reset !== undefined ? (
              <ResetForm token={reset} onDone={backToSignIn} />
            ) : (
              <ForgottenForm onBack={backToSignIn} />
            )}
          </Suspense>
        ) : shown ? (
          <>
            <Choice label="Way in" options={WAYS} value={shown} onChange={setWay} />
            <Suspense fallback={<Loading what="the form" />}>
              {shown === 'sign-in' ? (
                <SignInForm onForgotten={() => setAside('forgotten')} />
              ) : (
                <RegisterForm invitation={invitation} />
              )}
            </Suspense>
          </>
        ) : options || unreachable ? (
          // Not before the demo stands above them: they would move away under a finger.
          <View className="flex-row flex-wrap gap-2">
            <Button label="Sign in" kind="plain" onPress={() => setWay('sign-in')} />
            <Button label="New account" kind="plain" onPress={() => setWay('register')} />
          </View>
        ) : null}
      </View>
    </ScrollView>
  );
}
