import { useState } from 'react';
import { useLeaveKitchenMutation } from '../../../domain/kitchen/member-endpoints';
import { refusalOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';

interface LeaveSheetProps {
  readonly onClose: () => void;
  readonly onLeft: () => void;
}

/** Leaves the kitchen for a new one of one's own. */
export function LeaveSheet({ onClose, onLeft }: LeaveSheetProps) {
  const [name, setName] = useState('');
  const [leave, { error, isLoading }] = useLeaveKitchenMutation();
  const go = async () => {
    const answer = await leave(name.trim());
    if (!answer.error) onLeft();
  };
  return (
    <Sheet title="Leave this kitchen" open onClose={onClose}>
      <Text>
        What you did here stays here. You have a new and empty kitchen from then on; to take drinks along, save this
        kitchen as a file first.
      </Text>
      <Field label="Name of your new kitchen" value={name} onChangeText={setName} maxLength={80} />
      <Refusal message={refusalOf(error)} />
      <Button
        label="Leave"
        kind="danger"
        size="large"
        why={name.trim() === '' ? 'Name the new kitchen first' : null}
        disabled={isLoading}
        onPress={() => void go()}
      />
    </Sheet>
  );
}
