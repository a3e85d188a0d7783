import { ROLES, type Role } from '@wellhydra/contract/roles';
import type { KitchenDetails } from '@wellhydra/contract';
import { useState } from 'react';
import { useChangeRoleMutation, useRemoveMemberMutation } from '../../../domain/kitchen/member-endpoints';
import { usePeople } from '../../../domain/people/use-people';
import { refusalOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Refusal } from '../../../ui/refusal';
import { SelectField } from '../../../ui/select-field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { ROLE_NAMES } from './members-view';

interface MemberSheetProps {
  readonly member: KitchenDetails['members'][number];
  readonly onClose: () => void;
}

const NOBODY = '';
const ROLE_OPTIONS = ROLES.map((value) => ({ value, label: ROLE_NAMES[value] }));

/** What an owner can do about a member: another role, which of the people they are, or out. */
export function MemberSheet({ member: { id, name, role, personId }, onClose }: MemberSheetProps) {
  const [sure, setSure] = useState(false);
  const { rows } = usePeople();
  const [changeRole, changing] = useChangeRoleMutation();
  const [remove, removing] = useRemoveMemberMutation();
  const error = changing.error ?? removing.error;
  const takeOut = async () => {
    const answer = await remove(id);
    if (!answer.error) onClose();
  };
  const people = [
    { value: NOBODY, label: 'Nobody yet' },
    ...rows.map(({ id: value, person }) => ({ value, label: person.name })),
  ];
  return (
    <Sheet title={name} open onClose={onClose}>
      <Choice<Role>
        label={`What ${name} does here`}
        options={ROLE_OPTIONS}
        value={role}
        onChange={(chosen) => void changeRole({ id, role: chosen })}
      />
      {role === 'drinker' ? (
        <>
          <SelectField
            label={`Which of the people ${name} is`}
            options={people}
            value={personId ?? NOBODY}
            onChange={(chosen) => void changeRole({ id, role, personId: chosen === NOBODY ? null : chosen })}
          />
          <Text className="text-mute">
            Drinkers see the bottles, what they pour, and the lines of that person. They see nobody else, and no drinks.
          </Text>
        </>
      ) : (
        <Text className="text-mute">
          Owners say who is in, and bring kitchens in from files. To hand the kitchen over, make somebody an owner, and
          then yourself a maker.
        </Text>
      )}
      <Refusal message={refusalOf(error)} />
      {sure ? (
        <>
          <Text>
            {name} is signed out at once and has a kitchen of their own from then on. What {name} did here stays. The
            invitations are replaced.
          </Text>
          <Button
            label={`Yes, take ${name} out`}
            kind="danger"
            disabled={removing.isLoading}
            onPress={() => void takeOut()}
          />
          <Button label="Leave it" kind="plain" onPress={() => setSure(false)} />
        </>
      ) : (
        <Button label="Take out of the kitchen" kind="danger" onPress={() => setSure(true)} />
      )}
    </Sheet>
  );
}
