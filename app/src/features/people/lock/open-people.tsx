import { useState } from 'react';
import { View } from 'react-native';
import { useSession } from '../../../domain/accounts/use-session';
import { useOpenPeopleMutation } from '../../../domain/people/people-endpoints';
import { failureOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { Text } from '../../../ui/text';
import { ForgetSheet } from './forget-sheet';

/** Where the people are under a passphrase that this device has not said. */
export function OpenPeople() {
  const session = useSession();
  const [passphrase, setPassphrase] = useState('');
  const [forgetting, setForgetting] = useState(false);
  const [open, { isLoading, error }] = useOpenPeopleMutation();
  const say = () => void open({ passphrase });
  return (
    <View className="max-w-[520px] gap-3">
      <Text>
        The people of this kitchen are under a passphrase. Until it is said on this device, no glass is counted for
        anybody, and nobody is told what is not for them.
      </Text>
      <Field
        label="Passphrase of the people"
        value={passphrase}
        onChangeText={setPassphrase}
        secureTextEntry
        autoCapitalize="none"
        autoComplete="off"
        {...(error ? { error: failureOf(error).message } : {})}
        onSubmitEditing={() => passphrase && say()}
      />
      <Button
        label={isLoading ? 'Opening' : 'Open'}
        className="self-start"
        why={passphrase === '' ? 'Say the passphrase' : isLoading ? 'It is being opened' : null}
        onPress={say}
      />
      {session?.kitchen.role === 'owner' ? (
        <Button
          label="Nobody knows it any more"
          kind="plain"
          className="self-start"
          onPress={() => setForgetting(true)}
        />
      ) : null}
      {forgetting ? <ForgetSheet onClose={() => setForgetting(false)} /> : null}
    </View>
  );
}
