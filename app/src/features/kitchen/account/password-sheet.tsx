import { useState } from 'react';
import { useChangePasswordMutation } from '../../../domain/accounts/own-account-endpoints';
import { useAppDispatch } from '../../../domain/store';
import { failureOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';

const LEAST = 10;

/** Takes a new password. */
export function PasswordSheet({ onClose }: { readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [password, setPassword] = useState('');
  const [newPassword, setNewPassword] = useState('');
  const [change, { error, isLoading }] = useChangePasswordMutation();
  const why =
    password === ''
      ? 'Write the password you have now'
      : newPassword.length < LEAST
        ? `The new one has ${LEAST} letters at least`
        : null;
  const take = async () => {
    const answer = await change({ password, newPassword });
    if (answer.error) return;
    dispatch(noticeRaised({ text: 'The new password holds; you are signed out everywhere else' }));
    onClose();
  };
  return (
    <Sheet title="A new password" open onClose={onClose}>
      <Field
        label="Password now"
        value={password}
        onChangeText={setPassword}
        secureTextEntry
        autoCapitalize="none"
        autoComplete="current-password"
      />
      <Field
        label="New password"
        value={newPassword}
        onChangeText={setNewPassword}
        secureTextEntry
        autoCapitalize="none"
        autoComplete="new-password"
        help={`At least ${LEAST} characters. Four words that have nothing to do with each other are a good one.`}
      />
      {error ? (
        <Text role="alert" className="text-heat">
          {failureOf(error).message}
        </Text>
      ) : null}
      <Button label="Take it" size="large" why={why} disabled={isLoading} onPress={() => void take()} />
    </Sheet>
  );
}
