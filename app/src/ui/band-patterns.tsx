import { memo } from 'react';
import { Circle, Defs, Line, Pattern, Rect } from 'react-native-svg';
import { BAND_COLOURS, type Band } from './bands';

/** A pattern in each band, so that colour is never alone. `scope` keeps ids apart on one page. */
export const BandPatterns = memo(function BandPatterns({ scope }: { readonly scope: string }) {
  const id = (band: Band) => `${scope}-${band}`;
  return (
    <Defs>
      <Pattern id={id('sugar')} width={8} height={8} patternUnits="userSpaceOnUse">
        <Rect width={8} height={8} fill={BAND_COLOURS.sugar} />
        <Circle cx={2} cy={2} r={0.9} fill="#FFFFFF" opacity={0.55} />
        <Circle cx={6} cy={6} r={0.9} fill="#FFFFFF" opacity={0.55} />
      </Pattern>
      <Pattern id={id('acid')} width={6} height={6} patternUnits="userSpaceOnUse">
        <Rect width={6} height={6} fill={BAND_COLOURS.acid} />
        <Line x1={0} y1={3} x2={6} y2={3} stroke="#FFFFFF" strokeWidth={1} opacity={0.5} />
      </Pattern>
      <Pattern id={id('salt')} width={6} height={6} patternUnits="userSpaceOnUse">
        <Rect width={6} height={6} fill={BAND_COLOURS.salt} />
        <Line x1={3} y1={0} x2={3} y2={6} stroke="#FFFFFF" strokeWidth={1.2} opacity={0.55} />
      </Pattern>
      <Pattern id={id('spirit')} width={7} height={7} patternUnits="userSpaceOnUse">
        <Rect width={7} height={7} fill={BAND_COLOURS.spirit} />
        <Line x1={0} y1={0} x2={7} y2={7} stroke="#FFFFFF" strokeWidth={1} opacity={0.5} />
      </Pattern>
      <Pattern id={id('extract')} width={9} height={5} patternUnits="userSpaceOnUse">
        <Rect width={9} height={5} fill={BAND_COLOURS.extract} />
        <Line x1={0} y1={2.5} x2={4} y2={2.5} stroke="#FFFFFF" strokeWidth={1} opacity={0.5} />
      </Pattern>
      <Pattern id={id('fat')} width={9} height={9} patternUnits="userSpaceOnUse">
        <Rect width={9} height={9} fill={BAND_COLOURS.fat} />
        <Circle cx={4.5} cy={4.5} r={2} fill="none" stroke="#8A6E1E" strokeWidth={0.8} opacity={0.6} />
      </Pattern>
      <Pattern id={id('pieces')} width={7} height={7} patternUnits="userSpaceOnUse">
        <Rect width={7} height={7} fill={BAND_COLOURS.pieces} />
        <Line x1={0} y1={7} x2={7} y2={0} stroke="#FFFFFF" strokeWidth={1.2} opacity={0.45} />
      </Pattern>
    </Defs>
  );
});

/** What a band is filled with. */
export const bandFill = (scope: string, band: Band): string =>
  band === 'water' ? BAND_COLOURS.water : `url(#${scope}-${band})`;
