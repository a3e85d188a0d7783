import type { ReadQuantity } from '@wellhydra/core/brew';
import { View } from 'react-native';
import type { Pieces } from '../safeguards';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';

const LINE = { stroke: '#BFE3E0', strokeWidth: 2.5, strokeLinecap: 'round', strokeLinejoin: 'round' } as const;
const LIQUID = '#3F8F86';
const PIECE = '#E3A21A';
const OUT = '#FF8F6B';

/** A jug with a mark up to which it is filled. */
const Jug = ({ at = 0 }: { readonly at?: number }) => (
  <G x={at}>
    <Rect x={8} y={34} width={40} height={32} fill={LIQUID} />
    <Path d="M6 14 L8 68 H48 L50 14" fill="none" {...LINE} />
    <Path d="M50 24 h9 v26 h-9" fill="none" {...LINE} />
    <Path d="M6 14 L0 10" fill="none" {...LINE} />
    <Line x1={8} y1={34} x2={18} y2={34} {...LINE} />
    <Line x1={8} y1={46} x2={14} y2={46} {...LINE} />
    <Line x1={8} y1={57} x2={14} y2={57} {...LINE} />
  </G>
);

/** A sieve that holds the pieces back. */
const Sieve = () => (
  <G x={72}>
    <Path d="M4 32 a22 20 0 0 0 44 0 z" fill="none" {...LINE} />
    <Line x1={48} y1={32} x2={66} y2={26} {...LINE} />
    <Circle cx={18} cy={38} r={5} fill={PIECE} />
    <Circle cx={30} cy={42} r={5} fill={PIECE} />
    <Circle cx={37} cy={36} r={4} fill={PIECE} />
  </G>
);

/** A scale with what stands on it. */
const Scale = () => (
  <G>
    <Line x1={6} y1={56} x2={66} y2={56} {...LINE} />
    <Path d="M14 56 L10 70 H62 L58 56" fill="none" {...LINE} />
    <Line x1={28} y1={64} x2={44} y2={64} {...LINE} />
  </G>
);

/** A pot: empty, with liquid in it, or with pieces too. */
const Pot = ({ at = 0, holds }: { readonly at?: number; readonly holds?: 'liquid' | 'pieces' }) => (
  <G x={at}>
    {holds ? <Rect x={18} y={34} width={36} height={18} fill={LIQUID} /> : null}
    {holds === 'pieces' ? (
      <>
        <Circle cx={28} cy={44} r={4} fill={PIECE} />
        <Circle cx={42} cy={42} r={4} fill={PIECE} />
      </>
    ) : null}
    <Path d="M17 24 V53 H55 V24" fill="none" {...LINE} />
    <Path d="M17 30 h-8 M55 30 h8" fill="none" {...LINE} />
  </G>
);

const Arrow = () => <Path d="M78 44 h22 m-8 -8 l8 8 l-8 8" fill="none" {...LINE} />;

type Of = Pieces | 'added';

/** The liquid in a jug: on its way into the pot, beside the pieces that do not count, or alone. */
const Volume = ({ of }: { readonly of: Of }) => (
  <>
    <Jug at={4} />
    {of === 'added' ? (
      <>
        <Arrow />
        <Pot at={96} />
      </>
    ) : null}
    {of === 'in' || of === 'out' ? (
      <>
        <Sieve />
        <Path d="M84 10 L132 58 M132 10 L84 58" fill="none" {...LINE} stroke={OUT} />
      </>
    ) : null}
  </>
);

/** A scale: with a bowl that was set to nothing and what goes in on it, or with the pot, less the pot itself. */
const Weight = ({ of }: { readonly of: Of }) => (
  <>
    <Scale />
    {of === 'added' ? (
      <>
        <Path d="M20 34 Q36 8 52 34 z" fill={PIECE} />
        <Path d="M12 34 a24 20 0 0 0 48 0 z" fill="none" {...LINE} />
        <Arrow />
        <Pot at={96} />
      </>
    ) : (
      <>
        <Pot holds={of === 'in' ? 'pieces' : 'liquid'} />
        <Line x1={76} y1={44} x2={90} y2={44} {...LINE} />
        <Pot at={88} />
      </>
    )}
  </>
);

const PICTURES: Readonly<Partial<Record<ReadQuantity, typeof Volume>>> = { volume_mL: Volume, mass_g: Weight };

/**
 * What is measured, drawn: the liquid in a jug and not the pieces, the pot with all that is in it less the pot itself,
 * or at an addition that alone. The question above it says the same in words.
 */
export function ReadingDrawing({ quantity, of }: { readonly quantity: ReadQuantity; readonly of: Of }) {
  const Picture = PICTURES[quantity];
  if (!Picture) return null;
  return (
    <View aria-hidden testID={`drawing-${quantity}-${of}`}>
      <Svg width={164} height={76} viewBox="0 0 164 76">
        <Picture of={of} />
      </Svg>
    </View>
  );
}
