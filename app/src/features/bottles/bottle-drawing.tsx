import type { VesselShape } from '@wellhydra/core/keeping';
import { useId } from 'react';
import Svg, { ClipPath, Defs, Path, Rect } from 'react-native-svg';

interface BottleDrawingProps {
  /** How full, 0 to 1. */
  readonly fill: number;
  readonly colour: string;
  readonly size?: number;
  readonly shape?: VesselShape;
}

interface Shape {
  readonly width: number;
  readonly outline: string;
  readonly cap: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  /** Where it is full, and its floor. */
  readonly top: number;
  readonly bottom: number;
  /** A handle or a spout, drawn behind. */
  readonly more?: string;
}

/** Vessels as they stand, each 104 high. */
const SHAPES: Readonly<Record<VesselShape, Shape>> = {
  bottle: {
    width: 48,
    outline: 'M16 10 H32 V26 C32 32 42 34 42 44 V92 Q42 98 36 98 H12 Q6 98 6 92 V44 C6 34 16 32 16 26 Z',
    cap: { x: 13, y: 3, width: 22, height: 9 },
    top: 24,
    bottom: 98,
  },
  jar: {
    width: 66,
    outline: 'M14 20 H52 C58 22 60 26 60 32 V90 Q60 98 52 98 H14 Q6 98 6 90 V32 C6 26 8 22 14 20 Z',
    cap: { x: 11, y: 10, width: 44, height: 11 },
    top: 30,
    bottom: 98,
  },
  flask: {
    width: 58,
    outline: 'M23 12 H35 V28 C48 30 53 38 53 50 V86 C53 94 48 98 40 98 H18 C10 98 5 94 5 86 V50 C5 38 10 30 23 28 Z',
    cap: { x: 21, y: 3, width: 16, height: 10 },
    top: 32,
    bottom: 98,
  },
  jug: {
    width: 72,
    outline: 'M8 14 L14 20 V90 Q14 98 22 98 H46 Q54 98 54 90 V14 Z',
    cap: { x: 8, y: 10, width: 47, height: 4 },
    top: 24,
    bottom: 98,
    more: 'M54 30 C70 30 70 74 54 74',
  },
  tin: {
    width: 60,
    outline: 'M6 22 H54 V92 Q54 98 48 98 H12 Q6 98 6 92 Z',
    cap: { x: 4, y: 12, width: 52, height: 11 },
    top: 26,
    bottom: 98,
  },
};

/** Tokens of the theme; colours of the drawing follow day and night. */
const INK = 'rgb(var(--ink))';
const GLASS = 'rgb(var(--sheet))';
const HEIGHT = 104;

/** A bottle, or what else it is kept in, with what is left in it. */
export function BottleDrawing({ fill, colour, size = 56, shape = 'bottle' }: BottleDrawingProps) {
  const clip = useId();
  const { width, outline, cap, top, bottom, more } = SHAPES[shape];
  const level = bottom - Math.min(1, Math.max(0, fill)) * (bottom - top);
  return (
    <Svg width={(size * width) / HEIGHT} height={size} viewBox={`0 0 ${width} ${HEIGHT}`} aria-hidden>
      <Defs>
        <ClipPath id={clip}>
          <Path d={outline} />
        </ClipPath>
      </Defs>
      {more ? <Path d={more} fill="none" stroke={INK} strokeWidth={4} /> : null}
      <Path d={outline} fill={GLASS} />
      <Rect x={0} y={level} width={width} height={HEIGHT - level} fill={colour} clipPath={`url(#${clip})`} />
      <Path d={outline} fill="none" stroke={INK} strokeWidth={3} />
      <Rect {...cap} rx={2} fill={INK} />
    </Svg>
  );
}
