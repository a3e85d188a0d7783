import { View } from 'react-native';
import type { MadeForHandle } from '../../../domain/people/use-made-for';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';

/** Whom a drink is made for; nothing in a kitchen of which nobody is named. */
export function PeopleToggles({ rows, chosen, toggle }: MadeForHandle) {
  if (rows.length === 0) return null;
  return (
    <View role="group" aria-label="Made for">
      <Text variant="smallStrong">Made for</Text>
      <View className="flex-row flex-wrap gap-x-4">
        {rows.map(({ id, person }) => (
          <View key={id} className="min-w-[110px]">
            <Toggle
              label={person.name}
              value={chosen.some((row) => row.id === id)}
              onChange={(value) => toggle(id, value)}
            />
          </View>
        ))}
      </View>
    </View>
  );
}
