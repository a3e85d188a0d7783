import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { Text } from './text';

/** Where things lie on a rail, each as a share of its length from 0 to 1. */
export interface RailPlaces {
  readonly dot: number;
  readonly band?: readonly [number, number];
  readonly whisker?: readonly [number, number];
}

export type RailTone = 'water' | 'sugar' | 'salt' | 'acid' | 'botanical' | 'plain';

const DOTS: Readonly<Record<RailTone, string>> = {
  water: 'bg-[#BFE1E3]',
  sugar: 'bg-[#E3A21A]',
  salt: 'bg-[#8FB4EA]',
  acid: 'bg-[#B9C94A]',
  botanical: 'bg-[#C98BAA]',
  plain: 'bg-[#E9F2F0]',
};

interface RailProps {
  readonly label: string;
  /** The value with its unit. */
  readonly value: string;
  /** Its everyday equal, or what it is aimed at. */
  readonly equal?: string | undefined;
  readonly places: RailPlaces | null;
  readonly tone: RailTone;
  /** Said in full for those who cannot see the drawing. */
  readonly spoken: string;
  readonly outside: boolean;
  /** Says where the figure comes from. */
  readonly onAsk?: (id: string) => void;
  readonly id?: string;
}

const percent = (share: number): `${number}%` => `${Math.round(1000 * Math.min(1, Math.max(0, share))) / 10}%`;

function Stretch({ from, to, className }: { readonly from: number; readonly to: number; readonly className: string }) {
  return (
    <View
      className={`absolute ${className}`}
      style={{ left: percent(from), width: percent(Math.max(0, Math.min(1, to) - Math.max(0, from))) }}
    />
  );
}

/** What is said in full has everything that is drawn but the places. */
const sameProps = (a: RailProps, b: RailProps): boolean =>
  a.spoken === b.spoken && a.onAsk === b.onAsk && JSON.stringify(a.places) === JSON.stringify(b.places);

/** A figure on its gauge: the usual band, the value, and how far it may be off. */
export const Rail = memo(function Rail({
  label,
  value,
  equal,
  places,
  tone,
  spoken,
  outside,
  onAsk,
  id = '',
}: RailProps) {
  return (
    <View aria-label={spoken} role="group" className="gap-1">
      <View className="flex-row items-baseline justify-between gap-3">
        <Text className="text-[15px] text-onpanel">{label}</Text>
        <Text className="text-[15px] text-panelmute">
          <Text className={`font-heading text-[17px] font-bold ${outside ? 'text-[#FFB199]' : 'text-onpanel'}`}>
            {value}
          </Text>
          {equal ? ` ${equal}` : ''}
        </Text>
      </View>
      {places ? (
        <View className="h-[14px] justify-center" aria-hidden>
          <View className="absolute h-[2px] w-full bg-panelline" />
          {places.band ? (
            <Stretch from={places.band[0]} to={places.band[1]} className="h-[6px] rounded-full bg-[#2F7068]" />
          ) : null}
          {places.whisker ? (
            <Stretch from={places.whisker[0]} to={places.whisker[1]} className={`h-[2px] ${DOTS[tone]}`} />
          ) : null}
          <View
            className={`absolute h-[12px] w-[12px] rounded-full ${outside ? 'bg-[#FF8F6B]' : DOTS[tone]}`}
            style={{ left: percent(places.dot), marginLeft: -6 }}
          />
        </View>
      ) : null}
      {onAsk ? (
        <Pressable
          role="button"
          aria-label={`Where ${label.toLowerCase()} comes from`}
          onPress={() => onAsk(id)}
          className="absolute -bottom-1 -left-2 -right-2 -top-1 rounded-[8px] active:bg-[#FFFFFF14]"
        />
      ) : null}
    </View>
  );
}, sameProps);
