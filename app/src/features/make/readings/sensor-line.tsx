import type { SensorValue } from '@wellhydra/contract';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { useTareScaleMutation } from '../../../domain/brews/device-endpoints';
import { readingUnit } from '../../../domain/brews/reading-words';
import { readingText } from './reading-units';

const NAMES = { scale: 'scale', probe: 'probe', refractometer: 'refractometer' } as const;
/** The devices that ship with the application are stand-ins, and say so wherever they show something. */
const SIMULATED = 'simulated';
const READS = { scale: 'mass_g', probe: 'temperature_C', refractometer: 'brix' } as const;
const SAID = {
  settled: 'settled',
  moving: 'still moving',
  nonsense: 'cannot be: not taken',
  none: 'no signal',
} as const;
const WHY_NOT = {
  settled: null,
  moving: 'It does not stand still yet',
  nonsense: 'Such a value cannot be',
  none: 'There is no signal',
} as const;

/** Every digit that a device shows. */
function sensorWords(sensor: keyof typeof READS, value: number): string {
  const quantity = READS[sensor];
  return `${readingText(quantity, value)} ${readingUnit(quantity).unit}`;
}

interface SensorLineProps {
  readonly brew: string;
  readonly shown: SensorValue;
  readonly onTake: (value: number) => void;
}

/** What a device shows now; it is taken with one press once it has settled. */
export function SensorLine({ brew, shown, onTake }: SensorLineProps) {
  const [tare] = useTareScaleMutation();
  const { sensor, signal, value } = shown;
  const text = [`${SIMULATED} ${NAMES[sensor]}`, value === null ? '' : sensorWords(sensor, value), SAID[signal]]
    .filter(Boolean)
    .join(' · ');
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Text className="text-15 text-panelmute">{text}</Text>
      <View className="flex-row gap-2">
        {sensor === 'scale' ? <Button label="Tare" kind="onPanel" onPress={() => void tare(brew)} /> : null}
        <Button
          label="Take it"
          hint={`Take it from the ${NAMES[sensor]}`}
          kind="onPanel"
          why={value === null ? WHY_NOT.none : WHY_NOT[signal]}
          onPress={() => value !== null && onTake(value)}
        />
      </View>
    </View>
  );
}
