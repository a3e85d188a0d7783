import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Text } from '../../ui/text';
import { Places, Rooms, Stove, Strainers, TAP_LABELS, Vessels, Water, type PartProps } from './equipment-parts';
import { Measures } from './measures';
import { Row } from './row';
import { useSettingsDraft } from '../../domain/kitchen/use-settings-draft';

const n = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;

const PARTS: readonly {
  readonly title: string;
  readonly says: (settings: KitchenSettings) => string;
  readonly Part: (props: PartProps) => ReactNode;
}[] = [
  {
    title: 'Measures',
    says: ({ spoons, scale_g }) =>
      `${spoons === 'measuring' ? 'Measuring spoons' : 'Cutlery spoons'}, ${scale_g === null ? 'no scale' : `scale to ${scale_g} g`}`,
    Part: Measures,
  },
  {
    title: 'Stove, pots and blender',
    says: ({ usualPot, usualBurner, blenderJug_mL }) => `${usualPot} on ${usualBurner}; jug of ${blenderJug_mL} mL`,
    Part: Stove,
  },
  {
    title: 'Bottles and jars',
    says: ({ containers }) =>
      n(
        containers.reduce((sum, { count }) => sum + count, 0),
        'piece',
        'pieces',
      ),
    Part: Vessels,
  },
  {
    title: 'Places for bottles',
    says: ({ places = [] }) => ['Fridge, cool room, cupboard, freezer', ...places.map(({ name }) => name)].join(', '),
    Part: Places,
  },
  { title: 'Strainers', says: ({ strainers }) => strainers.join(', ') || 'none', Part: Strainers },
  {
    title: 'Altitude and temperatures',
    says: ({ altitude_m, room_C, fridge_C }) => `${altitude_m} m; room ${room_C} °C, fridge ${fridge_C} °C`,
    Part: Rooms,
  },
  { title: 'Tap water', says: ({ tap }) => TAP_LABELS[tap], Part: Water },
];

/** What the kitchen has. It begins with sensible guesses, so that nobody has to fill it in. */
export function Equipment() {
  const { settings, change, state, ready } = useSettingsDraft();
  const [open, setOpen] = useState<string | null>(null);
  if (!ready) return null;
  return (
    <View className="gap-1">
      <View className="flex-row items-baseline justify-between gap-3">
        <Text variant="heading">What is in it</Text>
        <Text variant="small" role="status">
          {state}
        </Text>
      </View>
      <Text className="text-mute">
        Every drink is worked out for these: times, steam, what fits, what water brings.
      </Text>
      {PARTS.map(({ title, says, Part }) => (
        <Row
          key={title}
          title={title}
          says={says(settings)}
          expanded={open === title}
          action={{
            label: open === title ? 'Close' : 'Change',
            hint: `${open === title ? 'Close' : 'Change'} ${title.toLowerCase()}`,
            onPress: () => setOpen(open === title ? null : title),
          }}
        >
          {open === title ? <Part settings={settings} change={change} /> : null}
        </Row>
      ))}
    </View>
  );
}
