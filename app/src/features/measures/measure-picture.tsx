import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect, Text as SvgText } from 'react-native-svg';
import { showMass } from '../../domain/words/units';
import type { MeasurePicture as Picture } from './measures-view';

const HEIGHT = 58;
const AXIS_Y = 38;
const MARGIN = 12;

/** Each weighing as a drop on a line of grams: the own hand as a filled band, everybody's as a dashed one. */
export function MeasurePicture({ picture }: { readonly picture: Picture }) {
  const [width, setWidth] = useState(0);
  const { points, low_g, high_g, mean_g, usual, spoken } = picture;
  const most = Math.max(...points, high_g, usual?.high_g ?? 0);
  const x = scaleLinear([0, most * 1.05], [MARGIN, Math.max(MARGIN + 1, width - MARGIN)]);
  return (
    <View
      className="h-[58px]"
      role="img"
      aria-label={spoken}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width === 0 ? null : (
        <Svg width={width} height={HEIGHT} aria-hidden>
          {usual ? (
            <Rect
              x={x(usual.low_g)}
              width={x(usual.high_g) - x(usual.low_g)}
              y={12}
              height={20}
              rx={10}
              fill="none"
              stroke="#6B807F"
              strokeDasharray="3 4"
            />
          ) : null}
          <Rect x={x(low_g)} width={x(high_g) - x(low_g)} y={14} height={16} rx={8} fill="#2F8F83" fillOpacity={0.28} />
          <Line x1={x(mean_g)} x2={x(mean_g)} y1={9} y2={35} stroke="#1F6F66" strokeWidth={3} strokeLinecap="round" />
          {points.map((grams, index) => (
            <Circle key={index} cx={x(grams)} cy={22} r={4} fill="#1F6F66" fillOpacity={0.75} />
          ))}
          <Line x1={MARGIN} x2={width - MARGIN} y1={AXIS_Y} y2={AXIS_Y} stroke="#9BB0AE" strokeWidth={1} />
          <SvgText x={MARGIN} y={53} fontSize={12} fill="#6B807F">
            0
          </SvgText>
          <SvgText x={x(mean_g)} y={53} fontSize={12} textAnchor="middle" fill="#1F6F66">
            {showMass(mean_g)}
          </SvgText>
        </Svg>
      )}
    </View>
  );
}
