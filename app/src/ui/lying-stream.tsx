import { memo, useId } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { BandPatterns, bandFill } from './band-patterns';
import { LYING, type LyingBand } from './lying-box';

/** How a drink comes about, from left to right, in as much room as it is given. */
export const LyingStream = memo(function LyingStream({
  bands,
  spoken,
}: {
  readonly bands: readonly LyingBand[];
  readonly spoken: string;
}) {
  const scope = useId();
  return (
    <View role="img" aria-label={spoken} className="h-full w-full">
      <Svg width="100%" height="100%" viewBox={`0 0 ${LYING.width} ${LYING.height}`} preserveAspectRatio="none">
        <BandPatterns scope={scope} />
        {bands.map(({ band, path }) => (
          <Path key={band} d={path} fill={bandFill(scope, band)} />
        ))}
      </Svg>
    </View>
  );
});
