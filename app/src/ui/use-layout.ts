import { useWindowDimensions } from 'react-native';

/** From this width on, parts stand side by side. */
export const WIDE_px = 900;

/** From this width on, a tool has room beside the page and its panel. */
const ROOM_BESIDE_px = 1240;

/** From this width on, a list has room beside the page that was opened from it. */
const ROOM_FOR_LIST_px = 1480;

/** Whether the list that a page was opened from can stand beside it. */
export function useHasRoomForList(): boolean {
  return useWindowDimensions().width >= ROOM_FOR_LIST_px;
}

/** Whether a tool can stand beside the page and its panel instead of over them. */
export function useHasRoomBeside(): boolean {
  return useWindowDimensions().width >= ROOM_BESIDE_px;
}

/** Whether the screen is wide enough for the rail and the panel beside the page. */
export function useIsWide(): boolean {
  return useWindowDimensions().width >= WIDE_px;
}

/** On a screen less high than this there is a keyboard on it, or no room for more than what is done, px. */
const SHORT_px = 640;

/** Whether a keyboard, or the screen itself, leaves room for little more than what is being typed. */
export function useIsShort(): boolean {
  const { height } = useWindowDimensions();
  // Where nothing is drawn there is no height.
  return height > 0 && height < SHORT_px;
}
