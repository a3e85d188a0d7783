import { useId } from 'react';
import Svg, { ClipPath, Defs, Path, Rect } from 'react-native-svg';

interface BottleDrawingProps {
  /** How full, 0 to 1. */
  readonly fill: number;
  readonly colour: string;
  readonly size?: number;
}

const OUTLINE = 'M16 10 H32 V26 C32 32 42 34 42 44 V92 Q42 98 36 98 H12 Q6 98 6 92 V44 C6 34 16 32 16 26 Z';
/** Tokens of the theme; colours of the drawing follow day and night. */
const INK = 'rgb(var(--ink))';
const GLASS = 'rgb(var(--sheet))';
const TOP = 24;
const BOTTOM = 98;

/** A bottle with what is left in it. */
export function BottleDrawing({ fill, colour, size = 56 }: BottleDrawingProps) {
  const clip = useId();
  const level = BOTTOM - fill * (BOTTOM - TOP);
  return (
    <Svg width={(size * 48) / 104} height={size} viewBox="0 0 48 104" aria-hidden>
      <Defs>
        <ClipPath id={clip}>
          <Path d={OUTLINE} />
        </ClipPath>
      </Defs>
      <Path d={OUTLINE} fill={GLASS} />
      <Rect x={0} y={level} width={48} height={BOTTOM - level + 4} fill={colour} clipPath={`url(#${clip})`} />
      <Path d={OUTLINE} fill="none" stroke={INK} strokeWidth={3} />
      <Rect x={13} y={3} width={22} height={9} rx={2} fill={INK} />
    </Svg>
  );
}
