import type { LabelPage } from '@wellhydra/contract';
import { View } from 'react-native';
import Svg, { Path, Rect, Text as SvgText } from 'react-native-svg';

const FONTS = {
  heading: 'BricolageGrotesque_700Bold',
  body: 'AtkinsonHyperlegibleNext_400Regular',
  strong: 'AtkinsonHyperlegibleNext_700Bold',
} as const;
const INK = '#0E2A2B';
/** Where the baseline of a line lies under its upper edge, of its size. */
const ASCENT = 0.95;

interface LabelPreviewProps {
  readonly page: LabelPage;
  readonly label: string;
}

/** A page of labels as it is printed: the same lines at the same places. */
export function LabelPreview({ page: { width, height, cells, texts, squares }, label }: LabelPreviewProps) {
  const dark = squares
    .map(({ x, y, width: across, height: down }) => `M${x} ${y}h${across}v${down}h${-across}z`)
    .join('');
  return (
    <View
      role="img"
      aria-label={label}
      className="self-center overflow-hidden rounded-[4px] border border-line bg-white"
    >
      <Svg
        width="100%"
        viewBox={`0 0 ${width} ${height}`}
        style={{ aspectRatio: width / height, width: '100%', maxWidth: 620 } as object}
      >
        <Rect x={0} y={0} width={width} height={height} fill="#FFFFFF" />
        {cells.map((cell, index) => (
          <Rect key={index} {...cell} fill="none" stroke="#9FB5B2" strokeWidth={0.6} strokeDasharray="3 3" />
        ))}
        <Path d={dark} fill={INK} />
        {texts.map(({ font, size, x, y, text }, index) => (
          <SvgText key={index} x={x} y={y + ASCENT * size} fontSize={size} fontFamily={FONTS[font]} fill={INK}>
            {text}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
