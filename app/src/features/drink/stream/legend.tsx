import { memo, useId } from 'react';
import { View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { BandPatterns, bandFill } from '../../../ui/band-patterns';
import { BAND_NAMES, type Band } from '../../../ui/bands';
import { Text } from '../../../ui/text';
import { SALT_MAGNIFIED } from './pot-bands';

const SWATCH_px = 16;
const SALT_WORDS = `salts are drawn ${SALT_MAGNIFIED} times as wide`;

/** What the bands of a stream are: said once, under it. Bands as one text, so that a key does not draw it anew. */
export const StreamLegend = memo(function StreamLegend({ bands }: { readonly bands: string }) {
  const scope = useId();
  if (bands === '') return null;
  return (
    <View role="group" aria-label="Colours of the stream" className="flex-row flex-wrap items-center gap-x-4 gap-y-1">
      {(bands.split(' ') as Band[]).map((band) => (
        <View key={band} className="flex-row items-center gap-2">
          <Svg width={SWATCH_px} height={SWATCH_px} aria-hidden>
            <BandPatterns scope={`${scope}-${band}`} />
            <Rect width={SWATCH_px} height={SWATCH_px} rx={4} fill={bandFill(`${scope}-${band}`, band)} />
          </Svg>
          <Text variant="small">{band === 'salt' ? SALT_WORDS : BAND_NAMES[band]}</Text>
        </View>
      ))}
    </View>
  );
});
