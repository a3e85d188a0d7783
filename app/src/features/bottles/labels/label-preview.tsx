import type { LabelPage } from '@wellhydra/contract';
import { View } from 'react-native';
import Svg, { Path, Rect, Text as SvgText } from 'react-native-svg';

/** The fonts that the labels are printed with, as the application names them. */
const FONTS = {
  heading: { fontFamily: 'Bricolage Grotesque', fontWeight: '700' },
  body: { fontFamily: 'Atkinson Hyperlegible Next', fontWeight: '400' },
  strong: { fontFamily: 'Atkinson Hyperlegible Next', fontWeight: '700' },
} as const;
const INK = '#0E2A2B';
/** Where the baseline of a line lies under its upper edge, of its size. Source: the ascender in each font's `hhea` table. */
const ASCENT = { heading: 0.93, body: 0.984, strong: 0.984 } as const;
/** Widths as they are printed, and not rounded to the dots of the screen. */
const AS_PRINTED = { textRendering: 'geometricPrecision' } as object;

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

interface LabelPreviewProps {
  readonly page: LabelPage;
  readonly label: string;
  /** The part of the page that is shown; all of it where none is said. */
  readonly part?: Box | undefined;
  readonly most_px: number;
}

/** A page of labels as it is printed, or one label of it: the same lines at the same places. */
export function LabelPreview({ page, label, part, most_px }: LabelPreviewProps) {
  const { cells, texts, squares } = page;
  const { x, y, width, height } = part ?? { x: 0, y: 0, width: page.width, height: page.height };
  const dark = squares.map((each) => `M${each.x} ${each.y}h${each.width}v${each.height}h${-each.width}z`).join('');
  return (
    <View
      role="img"
      aria-label={label}
      className="w-full self-center overflow-hidden rounded-[4px] border border-line bg-white"
      style={{ maxWidth: most_px }}
    >
      <Svg
        width="100%"
        viewBox={`${x} ${y} ${width} ${height}`}
        style={{ ...AS_PRINTED, aspectRatio: width / height, width: '100%' } as object}
      >
        {part
          ? null
          : cells.map((cell, index) => (
              <Rect key={index} {...cell} fill="none" stroke="#9FB5B2" strokeWidth={0.6} strokeDasharray="3 3" />
            ))}
        <Path d={dark} fill={INK} />
        {texts.map(({ font, size, text, ...at }, index) => (
          <SvgText key={index} x={at.x} y={at.y + ASCENT[font] * size} fontSize={size} fill={INK} {...FONTS[font]}>
            {text}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
