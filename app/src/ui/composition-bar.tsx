import { useId } from 'react';
import { View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { BandPatterns, bandFill } from './band-patterns';
import type { Band } from './bands';

export interface BarPart {
  readonly band: Band;
  /** Share of the whole, 0 to 1. */
  readonly share: number;
}

interface CompositionBarProps {
  readonly parts: readonly BarPart[];
  readonly spoken: string;
}

const WIDTH = 400;
const HEIGHT = 10;

/** What something is made of, as one bar. */
export function CompositionBar({ parts, spoken }: CompositionBarProps) {
  const scope = useId();
  let left = 0;
  return (
    <View role="img" aria-label={spoken} className="h-[10px] overflow-hidden rounded-full bg-line">
      <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none">
        <BandPatterns scope={scope} />
        {parts.map(({ band, share }) => {
          const x = left;
          left += share * WIDTH;
          return <Rect key={band} x={x} y={0} width={share * WIDTH} height={HEIGHT} fill={bandFill(scope, band)} />;
        })}
      </Svg>
    </View>
  );
}
