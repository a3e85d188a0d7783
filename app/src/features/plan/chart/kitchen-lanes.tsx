import type { ScaleTime } from 'd3-scale';
import { View } from 'react-native';
import { Text } from '../../../ui/text';
import type { BlockView, LaneView, Night } from './lanes-view';

type Scale = ScaleTime<number, number>;

const LANE_px = 46;
const NAME_px = 20;
const BLOCK_px = 22;
/** Shorter ones would not be seen, px. */
const LEAST_px = 3;
/** A block of this width has room for the name of its drink, px. */
const ROOM_FOR_NAME_px = 64;

const FILLS: Readonly<Record<LaneView['is'], string>> = { cook: '#0B6B63', burner: '#B3471A', pot: '#1B6F8A' };

/** Who and what is at which drink, a lane each, on the scale of the plan above it. */
export function KitchenLanes({ lanes, x }: { readonly lanes: readonly LaneView[]; readonly x: Scale }) {
  return (
    <View role="list" aria-label="Cooks, burners and pots" className="border-t-2 border-ink">
      {lanes.map((lane) => (
        <View key={lane.key} role="listitem" style={{ height: LANE_px }} className="border-t border-line">
          <Text className="sr-only">{lane.spoken}</Text>
          <Text
            variant={lane.short ? 'smallStrong' : 'small'}
            className={`px-3 pt-1 ${lane.short ? 'text-heat' : ''}`}
            aria-hidden
          >
            {lane.label}
          </Text>
          {lane.blocks.map((block) => (
            <Block key={block.key} block={block} x={x} fill={FILLS[lane.is]} />
          ))}
        </View>
      ))}
    </View>
  );
}

function Block({ block, x, fill }: { readonly block: BlockView; readonly x: Scale; readonly fill: string }) {
  const [first, last] = x.range() as [number, number];
  const left = Math.max(first, x(block.from));
  const right = Math.min(last, x(block.to));
  if (right < first || left > last) return null;
  const width = Math.max(LEAST_px, right - left);
  const named = width >= ROOM_FOR_NAME_px;
  return (
    <View
      aria-hidden
      className={`absolute justify-center overflow-hidden rounded-[3px] ${named ? 'px-1' : ''}`}
      style={{ left, width, top: NAME_px, height: BLOCK_px, backgroundColor: fill }}
      {...({ title: block.words } as object)}
    >
      {named ? (
        <Text className="text-12 leading-16 text-[#FFFFFF]" numberOfLines={1}>
          {block.name}
        </Text>
      ) : null}
    </View>
  );
}

/** The nights behind all lanes. */
export function Nights({ nights, x }: { readonly nights: readonly Night[]; readonly x: Scale }) {
  const [first, last] = x.range() as [number, number];
  return nights.map(({ from, to }) => {
    const left = Math.max(first, x(from));
    const width = Math.min(last, x(to)) - left;
    if (width <= 0) return null;
    return (
      <View
        key={from.toISOString()}
        aria-hidden
        className="absolute bottom-0 top-[24px] bg-mist"
        style={{ left, width }}
      />
    );
  });
}
