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
  const before = (index: number) => parts.slice(0, index).reduce((sum, { share }) => sum + share, 0);
  return (
    <View role="img" aria-label={spoken} className="h-[10px] overflow-hidden rounded-full bg-line">
      <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none">
        <BandPatterns scope={scope} />
        {parts.map(({ band, share }, index) => (
          <Rect
            key={band}
            x={before(index) * WIDTH}
            y={0}
            width={share * WIDTH}
            height={HEIGHT}
            fill={bandFill(scope, band)}
          />
        ))}
      </Svg>
    </View>
  );
}
