import { PASSWORD_LENGTH } from '@wellhydra/contract/field-limits';
import { useState } from 'react';
import { useLockPeopleMutation } from '../../../domain/people/people-endpoints';
import { useAppDispatch } from '../../../domain/store';
import { refusalOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { Refusal } from '../../../ui/refusal';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';

/** Why it cannot be taken yet; null where it can. */
export function whyNotYet(passphrase: string, once: string): string | null {
  if (passphrase.length < PASSWORD_LENGTH.least) return `A passphrase has ${PASSWORD_LENGTH.least} letters or more`;
  return passphrase === once ? null : 'Say the same twice';
}

const typed = { secureTextEntry: true, autoCapitalize: 'none', autoComplete: 'off' } as const;

/** A passphrase for the people, or another one. */
export function PassphraseSheet({ again, onClose }: { readonly again: boolean; readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [passphrase, setPassphrase] = useState('');
  const [once, setOnce] = useState('');
  const [lock, { isLoading, error }] = useLockPeopleMutation();
  const take = async () => {
    if (!(await lock({ passphrase })).data) return;
    dispatch(
      noticeRaised({
        text: again ? 'The people are under the new passphrase' : 'The people are under a passphrase now',
      }),
    );
    onClose();
  };
  return (
    <Sheet title={again ? 'Another passphrase' : 'A passphrase for the people'} open onClose={onClose}>
      <Text>
        Each device says it once after signing in. Whoever has the database, a backup or a file of this kitchen reads
        nothing of the people without it.
      </Text>
      <Text variant="strong">
        Nobody can find it out for you. Write it down where you keep such things: if it is lost, so are the people.
      </Text>
      <Field label="Passphrase" value={passphrase} onChangeText={setPassphrase} {...typed} />
      <Field label="Once more" value={once} onChangeText={setOnce} {...typed} />
      <Refusal message={refusalOf(error)} />
      <Button
        label={again ? 'Take it' : 'Put them under it'}
        size="large"
        why={isLoading ? 'It is being set' : whyNotYet(passphrase, once)}
        onPress={() => void take()}
      />
    </Sheet>
  );
}
