import { useState } from 'react';
import { View } from 'react-native';
import { useResetPasswordMutation } from '../../domain/accounts/account-endpoints';
import { refusalOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Refusal } from '../../ui/refusal';
import { Text } from '../../ui/text';
import { NewPasswordField, newPasswordTrouble } from './new-password-field';

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
      <NewPasswordField value={newPassword} onChange={setNewPassword} />
      <Refusal message={refusalOf(error)} />
      <Button
        label="Take it"
        size="large"
        why={newPasswordTrouble(newPassword)}
        disabled={isLoading}
        onPress={() => void reset({ token, newPassword })}
      />
      <Button label="Back" kind="plain" onPress={onDone} />
    </View>
  );
}
