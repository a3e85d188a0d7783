import { useState } from 'react';
import { useChangePasswordMutation } from '../../../domain/accounts/own-account-endpoints';
import { useAppDispatch } from '../../../domain/store';
import { refusalOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { NewPasswordField, newPasswordTrouble } from '../../accounts/new-password-field';
import { Refusal } from '../../../ui/refusal';

/** Takes a new password. */
export function PasswordSheet({ onClose }: { readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [password, setPassword] = useState('');
  const [newPassword, setNewPassword] = useState('');
  const [change, { error, isLoading }] = useChangePasswordMutation();
  const why = password === '' ? 'Write the password you have now' : newPasswordTrouble(newPassword);
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
      <NewPasswordField value={newPassword} onChange={setNewPassword} />
      <Refusal message={refusalOf(error)} />
      <Button label="Take it" size="large" why={why} disabled={isLoading} onPress={() => void take()} />
    </Sheet>
  );
}
