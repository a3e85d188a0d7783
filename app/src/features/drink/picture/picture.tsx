import { Path, Svg, Circle, G, Line, Rect, Text as Words } from 'react-native-svg';
import { BandPatterns, bandFill } from '../../../ui/band-patterns';
import { OUTFLOW_FILL, OUTFLOW_OPACITY } from '../stream/outflow-fill';
import type { PictureLine, PictureView } from './picture-view';

const SCOPE = 'picture';
/** A picture leaves the application: it has its own paper and ink, whatever theme it was made in. */
const PAPER = '#FBFDFC';
const INK = '#0E2A2B';
const RULE = '#C8D6D3';
const LOOKS: Readonly<Record<PictureLine['look'], object>> = {
  name: { fontFamily: 'Bricolage Grotesque', fontWeight: '700', fontSize: 36, fill: INK },
  step: { fontFamily: 'Bricolage Grotesque', fontWeight: '700', fontSize: 19, fill: INK },
  small: { fontFamily: 'Atkinson Hyperlegible Next', fontWeight: '400', fontSize: 15, fill: '#4B6363' },
};

/** A drink as a still picture. */
export function Picture({ view, label }: { readonly view: PictureView; readonly label: string }) {
  const { width, height, lines, rules, stream, legend } = view;
  return (
    <Svg id={PICTURE_ID} viewBox={`0 0 ${width} ${height}`} width="100%" role="img" aria-label={label}>
      <BandPatterns scope={SCOPE} />
      <Rect width={width} height={height} fill={PAPER} />
      {rules.map((y) => (
        <Line key={y} x1={stream.x} x2={width - stream.x} y1={y} y2={y} stroke={RULE} strokeWidth={1} />
      ))}
      <G transform={`translate(${stream.x} ${stream.y})`}>
        {stream.outflows.map(({ kind, step, path }) => (
          <Path key={`${step}-${kind}`} d={path} fill={OUTFLOW_FILL[kind](SCOPE)} opacity={OUTFLOW_OPACITY[kind]} />
        ))}
        {stream.bands.map(({ band, path }) => (
          <Path key={band} d={path} fill={bandFill(SCOPE, band)} />
        ))}
      </G>
      {legend.map(({ band, name, x, y }) => (
        <G key={band}>
          <Circle cx={x + 7} cy={y - 5} r={7} fill={bandFill(SCOPE, band)} />
          <Words x={x + 22} y={y} {...LOOKS.small}>
            {name}
          </Words>
        </G>
      ))}
      {lines.map(({ text, x, y, look }) => (
        <Words key={`${x} ${y}`} x={x} y={y} {...LOOKS[look]}>
          {text}
        </Words>
      ))}
    </Svg>
  );
}

/** Of the picture on the page, by which it is found to be saved. */
export const PICTURE_ID = 'picture-of-the-drink';
