import { View } from 'react-native';
import { BAND_COLOURS, type Band } from '../../../ui/bands';
import { Text } from '../../../ui/text';
import type { MomentView } from './moment-view';

function Swatch({ band }: { readonly band: Band }) {
  return <View className="h-[12px] w-[12px] rounded-[3px]" style={{ backgroundColor: BAND_COLOURS[band] }} />;
}

/** What is in the pot at the place that was asked for, on the dark of a panel. */
export function Moment({ moment: { title, facts, parts, leaves } }: { readonly moment: MomentView }) {
  return (
    <>
      <Text variant="smallStrong" className="text-onpanel">
        {title}
      </Text>
      <Text variant="small" className="text-panelmute">
        {facts}
      </Text>
      {parts.map(({ band, name, grams }) => (
        <View key={band} className="flex-row items-center gap-2">
          <Swatch band={band} />
          <Text variant="small" className="flex-1 text-onpanel">
            {name}
          </Text>
          <Text variant="smallStrong" className="text-onpanel">
            {grams}
          </Text>
        </View>
      ))}
      {leaves ? (
        <Text variant="small" className="text-panelmute">
          {leaves}
        </Text>
      ) : null}
    </>
  );
}
