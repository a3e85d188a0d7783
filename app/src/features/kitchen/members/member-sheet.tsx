import { ROLES, type Role } from '@wellhydra/contract/roles';
import type { KitchenDetails } from '@wellhydra/contract';
import { useState } from 'react';
import { MEMBERS_LANE, memberRemoved, roleChanged } from '../../../domain/kitchen/member-deeds';
import { usePeople } from '../../../domain/people/use-people';
import { useAppDispatch } from '../../../domain/store';
import { useLane } from '../../../domain/waiting/use-lane';
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
export function MemberSheet({ member, onClose }: MemberSheetProps) {
  const { name, role, personId } = member;
  const dispatch = useAppDispatch();
  const [sure, setSure] = useState(false);
  const { rows } = usePeople();
  const { refused } = useLane(MEMBERS_LANE);
  const takeOut = () => {
    dispatch(memberRemoved(member));
    onClose();
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
        onChange={(chosen) => dispatch(roleChanged(member, { role: chosen }))}
      />
      {role === 'drinker' ? (
        <>
          <SelectField
            label={`Which of the people ${name} is`}
            options={people}
            value={personId ?? NOBODY}
            onChange={(chosen) => dispatch(roleChanged(member, { role, personId: chosen === NOBODY ? null : chosen }))}
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
      <Refusal message={refused} />
      {sure ? (
        <>
          <Text>
            {name} is signed out at once and has a kitchen of their own from then on. What {name} did here stays. The
            invitations are replaced.
          </Text>
          <Button label={`Yes, take ${name} out`} kind="danger" onPress={takeOut} />
          <Button label="Leave it" kind="plain" onPress={() => setSure(false)} />
        </>
      ) : (
        <Button label="Take out of the kitchen" kind="danger" onPress={() => setSure(true)} />
      )}
    </Sheet>
  );
}
