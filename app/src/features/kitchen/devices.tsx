import { View } from 'react-native';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { useListDevicesQuery, usePlugDeviceMutation } from '../../domain/brews/device-endpoints';

/** What stands on the worktop: plugged in, or not. */
export function Devices() {
  const dispatch = useAppDispatch();
  const { data } = useListDevicesQuery();
  const [plug] = usePlugDeviceMutation();
  if (!data) return null;
  return (
    <View className="gap-1">
      <Text variant="heading">Devices</Text>
      <Text className="text-mute">
        {data.devices.some(({ plugged }) => plugged) ? '' : 'None is plugged in. '}
        While something is made, what a device shows stands beside the box and is taken with one press. These are
        simulated, to try it with: the pot they hang in heats, cools and steams like a real one.
      </Text>
      {data.devices.map(({ device, name, plugged }) => (
        <Toggle
          key={device}
          label={name}
          value={plugged}
          onChange={async (value) => {
            const { error } = await plug({ device, plugged: value });
            if (error) dispatch(noticeRaised({ text: failureOf(error).message, grave: true }));
          }}
        />
      ))}
    </View>
  );
}
