import { useState } from 'react';
import { useDeleteAccountMutation } from '../../../domain/accounts/own-account-endpoints';
import { refusalOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { StopNote } from '../../../ui/stop-note';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';

type Name = 'keep' | 'forget';
const NAMES: readonly { readonly value: Name; readonly label: string }[] = [
  { value: 'keep', label: 'Stays under my name' },
  { value: 'forget', label: 'Was done by somebody who left' },
];

interface DeleteAccountSheetProps {
  /** Nobody else is in the kitchen. */
  readonly alone: boolean;
  readonly onClose: () => void;
  readonly onDeleted: () => void;
}

/** Deletes the account, and says what becomes of what was done with it. */
export function DeleteAccountSheet({ alone, onClose, onDeleted }: DeleteAccountSheetProps) {
  const [password, setPassword] = useState('');
  const [name, setName] = useState<Name>('keep');
  const [remove, { error, isLoading }] = useDeleteAccountMutation();
  const go = async () => {
    const answer = await remove({ password, keepName: name === 'keep' });
    if (!answer.error) onDeleted();
  };
  return (
    <Sheet title="Delete the account" open onClose={onClose}>
      {alone ? (
        <StopNote
          title="The kitchen goes with it"
          text="You are its last member: drinks, brews, bottles, stores and people are deleted. Save the kitchen as a file first if you may want it again."
        />
      ) : (
        <>
          <Text>Nobody can sign in with it any more. The kitchen stays with the others.</Text>
          <Choice label="What you did here" options={NAMES} value={name} onChange={setName} />
        </>
      )}
      <Field
        label="Your password"
        value={password}
        onChangeText={setPassword}
        secureTextEntry
        autoCapitalize="none"
        autoComplete="current-password"
      />
      <Refusal message={refusalOf(error)} />
      <Button
        label="Delete it for good"
        kind="danger"
        size="large"
        why={password === '' ? 'Write your password first' : null}
        disabled={isLoading}
        onPress={() => void go()}
      />
    </Sheet>
  );
}
