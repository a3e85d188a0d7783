import type { MergeConflict } from '@wellhydra/core/drink';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';

interface ConflictNoteProps {
  readonly conflict: MergeConflict;
  readonly otherName: string;
  readonly onTake: () => void;
  readonly onKeep: () => void;
}

/** Two people changed the same thing: what the other wrote, to be taken or left. */
export function ConflictNote({ conflict, otherName, onTake, onKeep }: ConflictNoteProps) {
  const words =
    conflict.theirs === null
      ? `${otherName} removed this meanwhile.`
      : `${otherName} wrote “${conflict.theirs}” here meanwhile.`;
  return (
    <View role="alert" className="my-2 gap-2 rounded-[12px] bg-amber p-3">
      <Text className="text-15 text-onamber">{words} Yours is kept until you choose.</Text>
      <View className="flex-row flex-wrap gap-2">
        <Button label={conflict.theirs === null ? 'Remove it' : 'Take theirs'} kind="plain" onPress={onTake} />
        <Button label="Keep mine" kind="plain" onPress={onKeep} />
      </View>
    </View>
  );
}
