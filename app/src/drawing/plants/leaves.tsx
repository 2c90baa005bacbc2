import type { Portrait } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { bold } from './pieces';

/** One leaf that grows upwards from 0 0, some 60 long; straps are twice that. */
type LeafShape = (fill: string, rib: string) => ReactElement;

const oval = 'M0 0 C-16 -14 -18 -40 0 -58 C18 -40 16 -14 0 0Z';
const thin = 'M0 0 C-8 -16 -9 -44 0 -66 C9 -44 8 -16 0 0Z';
const leaflet = (x: number, y: number, turn: number, size: number, fill: string) => (
  <Path
    key={`${x} ${y} ${turn}`}
    transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}
    d={oval}
    fill={fill}
    {...bold}
  />
);
const stalkLine = (to: number, rib: string) => <Path d={`M0 0 V${to}`} stroke={rib} strokeWidth={3} fill="none" />;

export const leafShapes: Readonly<Record<Portrait['leaf'], LeafShape>> = {
  oval: (fill) => <Path d={oval} fill={fill} {...bold} />,
  lance: (fill) => <Path d={thin} fill={fill} {...bold} />,
  heart: (fill, rib) => (
    <G>
      <Path
        d="M0 0 C-8 8 -30 0 -28 -22 C-26 -42 -10 -50 0 -64 C10 -50 26 -42 28 -22 C30 0 8 8 0 0Z"
        fill={fill}
        {...bold}
      />
      <Path d="M0 0 V-50" stroke={rib} strokeWidth={2} />
    </G>
  ),
  broad: (fill, rib) => (
    <G>
      <Path d="M0 2 V-30" stroke={rib} strokeWidth={6} />
      <Path
        d="M0 -20 C-8 -24 -26 -30 -25 -54 C-24 -74 -10 -82 0 -84 C10 -82 24 -74 25 -54 C26 -30 8 -24 0 -20Z"
        fill={fill}
        {...bold}
      />
      <Path
        d="M0 -16 V-74 M0 -38 L-13 -51 M0 -38 L13 -51 M0 -56 L-11 -68 M0 -56 L11 -68"
        stroke={rib}
        strokeWidth={3}
        fill="none"
      />
    </G>
  ),
  round: (fill, rib) => (
    <G>
      {stalkLine(-12, rib)}
      <Circle cx={0} cy={-32} r={25} fill={fill} {...bold} />
      <Path
        d="M0 -32 V-54 M0 -32 L-20 -42 M0 -32 L20 -42 M0 -32 L-16 -16 M0 -32 L16 -16"
        stroke={rib}
        strokeWidth={1.5}
      />
    </G>
  ),
  lobed: (fill, rib) => (
    <G>
      {stalkLine(-8, rib)}
      <Path
        d="M0 -8 C-10 -4 -20 -2 -26 -8 L-22 -16 L-36 -24 L-28 -32 L-32 -44 L-18 -42 L-12 -58 L0 -50 L12 -58 L18 -42 L32 -44 L28 -32 L36 -24 L22 -16 L26 -8 C20 -2 10 -4 0 -8Z"
        fill={fill}
        {...bold}
      />
      <Path d="M0 -8 V-44 M0 -10 L-24 -32 M0 -10 L24 -32" stroke={rib} strokeWidth={1.5} fill="none" />
    </G>
  ),
  trio: (fill, rib) => (
    <G>
      {stalkLine(-24, rib)}
      {[leaflet(0, -22, -72, 0.7, fill), leaflet(0, -22, 72, 0.7, fill), leaflet(0, -26, 0, 0.8, fill)]}
    </G>
  ),
  pairs: (fill, rib) => (
    <G>
      {stalkLine(-58, rib)}
      {[-14, -34].flatMap((y) => [leaflet(0, y, -66, 0.46, fill), leaflet(0, y, 66, 0.46, fill)])}
      {leaflet(0, -50, 0, 0.52, fill)}
    </G>
  ),
  hand: (fill, rib) => (
    <G>
      {stalkLine(-24, rib)}
      {[-88, -44, 0, 44, 88].map((turn) => leaflet(0, -22, turn, 0.62, fill))}
    </G>
  ),
  feather: (fill) => (
    <G>
      <Path
        d={`M0 0 V-76 ${[-18, -32, -46, -58, -68]
          .map((y) => {
            const reach = 26 + (y + 18) * 0.34;
            return `M0 ${y} L-${reach} ${y - 16} M0 ${y} L${reach} ${y - 16} M-${reach * 0.55} ${y - 9} L-${reach * 0.6} ${y - 22} M${reach * 0.55} ${y - 9} L${reach * 0.6} ${y - 22}`;
          })
          .join(' ')}`}
        stroke={fill}
        strokeWidth={4}
        strokeLinecap="round"
        fill="none"
      />
    </G>
  ),
  frond: (fill, rib) => (
    <G>
      <Path d="M0 0 C4 -30 2 -60 -6 -86" stroke={ink.line} strokeWidth={2} fill="none" />
      {[-20, -34, -48, -60, -72].flatMap((y, at) =>
        [-1, 1].map((side) => (
          <Circle
            key={`${y} ${side}`}
            cx={side * (15 - at * 2) - at}
            cy={y}
            r={8 - at}
            fill={fill}
            stroke={rib}
            strokeWidth={1}
          />
        )),
      )}
    </G>
  ),
  frill: (fill, rib) => (
    <G>
      <Path
        d="M0 0 C-12 -8 -30 -14 -26 -24 C-40 -28 -38 -42 -28 -44 C-34 -56 -20 -64 -12 -58 C-10 -72 10 -72 12 -58 C20 -64 34 -56 28 -44 C38 -42 40 -28 26 -24 C30 -14 12 -8 0 0Z"
        fill={fill}
        {...bold}
      />
      <Path d="M0 0 V-46" stroke={rib} strokeWidth={3} />
    </G>
  ),
  strap: (fill) => <Path d="M-7 0 C-10 -44 -9 -92 2 -126 C8 -92 10 -44 7 0Z" fill={fill} {...bold} />,
  needle: (fill) => (
    <Path
      d={`M0 0 V-54 ${[-8, -18, -28, -38, -48].map((y) => `M0 ${y} L-12 ${y - 11} M0 ${y} L12 ${y - 11}`).join(' ')}`}
      stroke={fill}
      strokeWidth={4}
      strokeLinecap="round"
      fill="none"
    />
  ),
};
