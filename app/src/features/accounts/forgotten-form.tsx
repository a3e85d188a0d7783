import { useState } from 'react';
import { View } from 'react-native';
import { useRequestResetMutation } from '../../domain/accounts/account-endpoints';
import { refusalOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Refusal } from '../../ui/refusal';
import { Text } from '../../ui/text';

/** Asks for a mail with a link to a new password. */
export function ForgottenForm({ onBack }: { readonly onBack: () => void }) {
  const [email, setEmail] = useState('');
  const [ask, { error, isLoading, isSuccess }] = useRequestResetMutation();
  if (isSuccess)
    return (
      <View className="gap-4">
        <Text role="status">
          If there is an account with {email.trim()}, a mail with a link is on its way. The link holds for an hour.
        </Text>
        <Button label="Back" kind="plain" onPress={onBack} />
      </View>
    );
  return (
    <View className="gap-4">
      <Text>Say your e-mail, and a link to a new password is sent there.</Text>
      <Field
        label="E-mail"
        value={email}
        onChangeText={setEmail}
        autoComplete="email"
        autoCapitalize="none"
        inputMode="email"
      />
      <Refusal message={refusalOf(error)} />
      <Button
        label="Send me the link"
        size="large"
        why={email.trim() === '' ? 'Write your e-mail first' : null}
        disabled={isLoading}
        onPress={() => void ask({ email: email.trim() })}
      />
      <Button label="Back" kind="plain" onPress={onBack} />
    </View>
  );
}
