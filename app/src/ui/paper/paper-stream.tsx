import { Path, Rect, Svg } from 'react-native-svg';
import { BandPatterns, bandFill } from '../band-patterns';
import { BAND_NAMES, type Band } from '../bands';
import { LYING, type LyingBand } from '../lying-box';

const SCOPE = 'paper';

/** A stream across the paper, and what its colours are. */
export function PaperStream({ bands }: { readonly bands: readonly LyingBand[] }) {
  if (bands.length === 0) return null;
  return (
    <>
      <div className="stream" role="img" aria-label={`How it comes about, of ${named(bands.map(({ band }) => band))}`}>
        <Svg width="100%" height="100%" viewBox={`0 0 ${LYING.width} ${LYING.height}`} preserveAspectRatio="none">
          <BandPatterns scope={SCOPE} />
          {bands.map(({ band, path }) => (
            <Path key={band} d={path} fill={bandFill(SCOPE, band)} />
          ))}
        </Svg>
      </div>
      <p className="legend small" aria-hidden>
        {bands.map(({ band }) => (
          <span key={band}>
            <Svg viewBox="0 0 8 8">
              <Rect width={8} height={8} rx={2} fill={bandFill(SCOPE, band)} />
            </Svg>
            {BAND_NAMES[band]}
          </span>
        ))}
      </p>
    </>
  );
}

const named = (bands: readonly Band[]): string => bands.map((band) => BAND_NAMES[band]).join(', ');
