import { createContext, memo, useContext, useEffect, useMemo, useRef, type RefObject } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import { Apart } from './apart';
import { Text } from './text';
import { useHasLargeText } from './use-large-text';

/** Where things lie on a rail, each as a share of its length from 0 to 1. */
export interface RailPlaces {
  readonly dot: number;
  readonly band?: readonly [number, number];
  readonly whisker?: readonly [number, number];
  /** Where it was before what is being changed. */
  readonly was?: number;
}

export type RailTone = 'water' | 'sugar' | 'salt' | 'acid' | 'botanical' | 'plain';

const DOTS: Readonly<Record<RailTone, string>> = {
  water: '#BFE1E3',
  sugar: '#E3A21A',
  salt: '#8FB4EA',
  acid: '#B9C94A',
  botanical: '#C98BAA',
  plain: '#E9F2F0',
};
const BAND = '#2F7068';
const OUTSIDE = '#FF8F6B';
/** The panel that rails stand on is dark in both themes. */
const LINE = 'rgb(var(--panelline))';

interface RailProps {
  readonly label: string;
  /** The value with its unit. */
  readonly value: string;
  /** The value before what is being changed. */
  readonly was?: string | undefined;
  /** Its everyday equal, or what it is aimed at. */
  readonly equal?: string | undefined;
  readonly places: RailPlaces | null;
  readonly tone: RailTone;
  /** Said in full for those who cannot see the drawing. */
  readonly spoken: string;
  readonly outside: boolean;
  /** Says where the figure comes from. */
  readonly onAsk?: ((id: string) => void) | undefined;
  readonly id?: string | undefined;
  /** The name has a line of its own. */
  readonly stacked?: boolean;
}

const percent = (share: number): `${number}%` => `${Math.round(1000 * Math.min(1, Math.max(0, share))) / 10}%`;

// A key changes every figure on the screen. What it does not change stands still around the parts that it does:
// they find their figure in a context, and nothing between is drawn anew.

type Changing = Pick<RailProps, 'value' | 'was' | 'equal' | 'places' | 'tone' | 'spoken' | 'outside'>;
const NOTHING: Changing = { value: '', places: null, tone: 'plain', spoken: '', outside: false };
const FigureContext = createContext(NOTHING);

/** What is read of it. Plain elements of the page: with every key there are more of these than of everything else. */
function Words({ on }: { readonly on: RefObject<View | null> }) {
  const { value, was, equal, outside, spoken } = useContext(FigureContext);
  // Said in full on the group that it stands in. Not a layout effect: the group is there only after those of what stands in it.
  useEffect(() => (on.current as unknown as HTMLElement | null)?.setAttribute('aria-label', spoken), [on, spoken]);
  return (
    <>
      {was ? <span className={BESIDE}>{was} →</span> : null}
      <span className={`font-heading text-17 font-bold leading-23 ${outside ? 'text-[#FFB199]' : 'text-onpanel'}`}>
        {value}
      </span>
      {equal ? <span className={BESIDE}>{equal}</span> : null}
    </>
  );
}
const BESIDE = 'font-body text-15 leading-23 text-panelmute';

function AskButton({
  label,
  id,
  onAsk,
}: {
  readonly label: string;
  readonly id: string;
  readonly onAsk: (id: string) => void;
}) {
  return (
    <Pressable
      role="button"
      aria-label={`Where ${label.toLowerCase()} comes from`}
      onPress={() => onAsk(id)}
      className="absolute -bottom-1 -left-2 -right-2 -top-1 rounded-[8px] active:bg-[#FFFFFF14]"
    />
  );
}

/**
 * A part of a gauge, exactly from where it begins to where it ends; a dot, where it has no length. Where a line begins and
 * ends is no matter of style: the browser moves it with no new style for it, as a circle or a rectangle would need.
 */
const Stretch = memo(function Stretch({
  from,
  to = from,
  thick,
  colour,
}: {
  readonly from: number;
  readonly to?: number;
  readonly thick: number;
  readonly colour: string;
}) {
  const y = GAUGE_px / 2;
  return (
    <Line
      x1={percent(from)}
      x2={percent(to)}
      y1={y}
      y2={y}
      stroke={colour}
      strokeWidth={thick}
      strokeLinecap={from === to ? 'round' : 'butt'}
    />
  );
});

/** From where it was to where it is. */
function Moved({ from, to, colour }: { readonly from: number; readonly to: number; readonly colour: string }) {
  const y = GAUGE_px / 2;
  return (
    <>
      <Line x1={percent(from)} x2={percent(to)} y1={y} y2={y} stroke={colour} strokeWidth={2} strokeDasharray="3 3" />
      <Circle cx={percent(from)} cy={y} r={DOT_px - 1} fill="none" stroke={colour} strokeWidth={1.5} />
    </>
  );
}

const GAUGE_px = 14;
const DOT_px = 6;
/** A dot at an end reaches over it. */
const GAUGE_STYLE = { overflow: 'visible' } as object;

/** Where it lies, with its band and how far it may be off. */
function Places() {
  const { places, tone, outside } = useContext(FigureContext);
  if (!places) return null;
  const { dot, band, whisker, was } = places;
  const colour = outside ? OUTSIDE : DOTS[tone];
  return (
    <>
      {band ? <Stretch from={band[0]} to={band[1]} thick={6} colour={BAND} /> : null}
      {whisker ? <Stretch from={whisker[0]} to={whisker[1]} thick={2} colour={DOTS[tone]} /> : null}
      {was === undefined ? null : <Moved from={was} to={dot} colour={colour} />}
      <Stretch from={dot} thick={2 * DOT_px} colour={colour} />
    </>
  );
}

/** What is said in full has everything that is drawn but the places. */
const sameProps = (a: RailProps, b: RailProps): boolean =>
  a.spoken === b.spoken &&
  a.onAsk === b.onAsk &&
  a.stacked === b.stacked &&
  JSON.stringify(a.places) === JSON.stringify(b.places);

/** Rails keep their height whatever they say, so that a key lays out each by itself. */
const HEIGHTS = { plain: 'h-[1.4375rem]', gauge: 'h-[calc(1.4375rem+18px)]' } as const;

function Frame({
  label,
  id = '',
  onAsk,
  gauge,
  stacked,
}: Pick<RailProps, 'label' | 'id' | 'onAsk'> & { readonly gauge: boolean; readonly stacked: boolean }) {
  const group = useRef<View>(null);
  const tall = useHasLargeText() || stacked;
  const inside = (
    <View ref={group} role="group" className="gap-1">
      <View className={`items-baseline justify-between ${tall ? '' : 'flex-row gap-3'}`}>
        <Text className="shrink text-15 text-onpanel" {...(tall ? {} : { numberOfLines: 1 })}>
          {label}
        </Text>
        <View className={`max-w-full flex-row items-baseline gap-x-1 ${tall ? 'flex-wrap' : 'shrink-0 justify-end'}`}>
          <Words on={group} />
        </View>
      </View>
      {gauge ? (
        <Svg width="100%" height={GAUGE_px} style={GAUGE_STYLE} aria-hidden>
          <Stretch from={0} to={1} thick={2} colour={LINE} />
          <Places />
        </Svg>
      ) : null}
      {onAsk ? <AskButton label={label} id={id} onAsk={onAsk} /> : null}
    </View>
  );
  // Where the name has a line of its own it has as many as it needs.
  return tall ? inside : <Apart className={HEIGHTS[gauge ? 'gauge' : 'plain']}>{inside}</Apart>;
}

/** A figure on its gauge: the usual band, the value, and how far it may be off. */
export const Rail = memo(function Rail({ label, id, onAsk, stacked = false, ...changing }: RailProps) {
  const gauge = changing.places !== null;
  const frame = useMemo(
    () => <Frame label={label} id={id} onAsk={onAsk} gauge={gauge} stacked={stacked} />,
    [label, id, onAsk, gauge, stacked],
  );
  return <FigureContext.Provider value={changing}>{frame}</FigureContext.Provider>;
}, sameProps);
