import { useWindowDimensions } from 'react-native';

/** From this width on, parts stand side by side. */
export const WIDE_px = 900;

/** From this width on, a tool has room beside the page and its panel. */
const ROOM_BESIDE_px = 1240;

/** Whether a tool can stand beside the page and its panel instead of over them. */
export function useHasRoomBeside(): boolean {
  return useWindowDimensions().width >= ROOM_BESIDE_px;
}

/** Whether the screen is wide enough for the rail and the panel beside the page. */
export function useIsWide(): boolean {
  return useWindowDimensions().width >= WIDE_px;
}
