import { useWindowDimensions } from 'react-native';

/** From this width on, parts stand side by side. */
export const WIDE_px = 900;

/** Whether the screen is wide enough for the rail and the panel beside the page. */
export function useIsWide(): boolean {
  return useWindowDimensions().width >= WIDE_px;
}
