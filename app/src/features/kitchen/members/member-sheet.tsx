import type { KitchenDetails } from '@wellhydra/contract';
import { useState } from 'react';
import { useChangeRoleMutation, useRemoveMemberMutation } from '../../../domain/kitchen/member-endpoints';
import { refusalOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';
import { ROLE_WORDS } from './members-view';

interface MemberSheetProps {
  readonly member: KitchenDetails['members'][number];
  readonly onClose: () => void;
}

/** What an owner can do about a member: another role, or out. */
export function MemberSheet({ member: { id, name, role }, onClose }: MemberSheetProps) {
  const [sure, setSure] = useState(false);
  const [changeRole, changing] = useChangeRoleMutation();
  const [remove, removing] = useRemoveMemberMutation();
  const error = changing.error ?? removing.error;
  const done = (answer: { error?: unknown }) => {
    if (!answer.error) onClose();
  };
  return (
    <Sheet title={name} open onClose={onClose}>
      <Text>{`${name} ${ROLE_WORDS[role]}.`}</Text>
      <Text className="text-mute">
        Owners say who is in, and bring kitchens in from files. To hand the kitchen over, make somebody an owner, and
        then yourself one no more.
      </Text>
      <Refusal message={refusalOf(error)} />
      <Button
        label={role === 'owner' ? 'Owner no more' : 'Make an owner'}
        kind="plain"
        disabled={changing.isLoading}
        onPress={async () => done(await changeRole({ id, role: role === 'owner' ? 'maker' : 'owner' }))}
      />
      {sure ? (
        <>
          <Text>
            {name} is signed out at once and has a kitchen of their own from then on. What {name} did here stays. The
            invitation is replaced.
          </Text>
          <Button
            label={`Yes, take ${name} out`}
            kind="danger"
            disabled={removing.isLoading}
            onPress={async () => done(await remove(id))}
          />
          <Button label="Leave it" kind="plain" onPress={() => setSure(false)} />
        </>
      ) : (
        <Button label="Take out of the kitchen" kind="danger" onPress={() => setSure(true)} />
      )}
    </Sheet>
  );
}
