import type { Analysis } from '@wellhydra/core/analyse';
import { useId, useMemo } from 'react';
import Svg, { Path } from 'react-native-svg';
import { View } from 'react-native';
import { BandPatterns, bandFill } from '../../ui/band-patterns';
import { BAND_NAMES } from '../../ui/bands';
import { barParts } from './pot-bands';
import { streamShape } from './stream-shape';

interface StreamProps {
  readonly analysis: Analysis;
  readonly rowEnds: readonly number[];
  readonly width: number;
}

/** What the pot is made of at its end, in words. */
function inWords(analysis: Analysis): string {
  const parts = barParts(analysis.trace.pot);
  if (parts.length === 0) return 'The pot is empty.';
  return `The pot after every step. At the end it is ${parts.map(({ band, share }) => `${Math.max(1, Math.round(100 * share))} % ${BAND_NAMES[band]}`).join(', ')}, salts drawn ten times as wide.`;
}

/** The pot as a river beside its steps. */
export function Stream({ analysis, rowEnds, width }: StreamProps) {
  const scope = useId();
  const bands = useMemo(() => streamShape(analysis, rowEnds, width), [analysis, rowEnds, width]);
  const height = rowEnds.at(-1) ?? 0;
  if (height === 0) return null;
  return (
    <View
      role="img"
      aria-label={inWords(analysis)}
      className="absolute bottom-0 left-0 top-0"
      style={{ width, pointerEvents: 'none' }}
    >
      <Svg width={width} height={height}>
        <BandPatterns scope={scope} />
        {bands.map(({ band, path }) => (
          <Path key={band} d={path} fill={bandFill(scope, band)} />
        ))}
      </Svg>
    </View>
  );
}
