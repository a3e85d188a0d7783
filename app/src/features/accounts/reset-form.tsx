import { PASSWORD_LENGTH } from '@wellhydra/contract/accounts';
import { useState } from 'react';
import { View } from 'react-native';
import { useResetPasswordMutation } from '../../domain/accounts/account-endpoints';
import { failureOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Text } from '../../ui/text';

interface ResetFormProps {
  readonly token: string;
  readonly onDone: () => void;
}

/** Takes a new password by the link of a mail. */
export function ResetForm({ token, onDone }: ResetFormProps) {
  const [newPassword, setNewPassword] = useState('');
  const [reset, { error, isLoading, isSuccess }] = useResetPasswordMutation();
  if (isSuccess)
    return (
      <View className="gap-4">
        <Text role="status">The new password holds. You are signed out everywhere.</Text>
        <Button label="Sign in" size="large" onPress={onDone} />
      </View>
    );
  return (
    <View className="gap-4">
      <Text variant="heading">A new password</Text>
      <Field
        label="New password"
        value={newPassword}
        onChangeText={setNewPassword}
        secureTextEntry
        autoCapitalize="none"
        autoComplete="new-password"
        help={`At least ${PASSWORD_LENGTH.least} characters. Four words that have nothing to do with each other are a good one.`}
      />
      {error ? (
        <Text role="alert" className="text-heat">
          {failureOf(error).message}
        </Text>
      ) : null}
      <Button
        label="Take it"
        size="large"
        why={newPassword.length < PASSWORD_LENGTH.least ? `It has ${PASSWORD_LENGTH.least} characters at least` : null}
        disabled={isLoading}
        onPress={() => void reset({ token, newPassword })}
      />
      <Button label="Back" kind="plain" onPress={onDone} />
    </View>
  );
}
