import type { View } from '@open-palm/core/measure';
import type { GripTarget } from './solveGrip';
import type { WristBend } from './truth';

/** One rendered hold of the demo studio and the pictures taken of it. */
export interface RenderedGrip {
  name: string;
  target: GripTarget;
  wristBend: WristBend;
  skin: string;
  sleeve: string;
  room: string;
  views: View[];
}

const shallow: GripTarget = {
  thumb: { xMm: 2, ipDeg: 40, mcpDeg: 18 },
  fingers: {
    index: { xMm: 26, u: 1.5, pipDeg: 45, dipDeg: 22 },
    middle: { xMm: 6, u: 1.15, pipDeg: 46, dipDeg: 24 },
    ring: { xMm: -9, u: 1.15, pipDeg: 42, dipDeg: 24 },
    little: { xMm: -27, u: 0.1, pipDeg: 52, dipDeg: 24 },
  },
  littleLiftMm: 0,
  leanDeg: 16,
};

/** The holds the demo pictures show: a good one, a straight thumb, a lost little finger, an index sinking deeper. */
export const GRIPS: readonly RenderedGrip[] = [
  {
    name: 'settled',
    target: shallow,
    wristBend: { flexionDeg: 12, deviationDeg: 0 },
    skin: '#c98f6b',
    sleeve: '#3f5a63',
    room: '#d9d2c4',
    views: ['finger-side', 'thumb-side', 'profile'],
  },
  {
    name: 'straight-thumb',
    target: {
      ...shallow,
      thumb: { xMm: 6, ipDeg: -4, mcpDeg: 4 },
      leanDeg: 12,
    },
    wristBend: { flexionDeg: 4, deviationDeg: 0 },
    skin: '#e0b295',
    sleeve: '#7a3f3a',
    room: '#cfd6d2',
    views: ['thumb-side', 'finger-side'],
  },
  {
    name: 'lost-little-finger',
    target: {
      ...shallow,
      fingers: {
        ...shallow.fingers,
        little: { xMm: -32, u: 0.1, pipDeg: 14, dipDeg: 8 },
      },
      littleLiftMm: 30,
      leanDeg: 22,
    },
    wristBend: { flexionDeg: 8, deviationDeg: 0 },
    skin: '#8a5a3e',
    sleeve: '#d8c9a3',
    room: '#c9cdd6',
    views: ['finger-side', 'profile'],
  },
  {
    name: 'index-before',
    target: {
      ...shallow,
      fingers: { ...shallow.fingers, index: { xMm: 27, u: 1.65, pipDeg: 46, dipDeg: 22 } },
    },
    wristBend: { flexionDeg: 12, deviationDeg: 0 },
    skin: '#b87d5a',
    sleeve: '#47503a',
    room: '#d3cfc6',
    views: ['finger-side'],
  },
  {
    name: 'deep-index',
    target: {
      ...shallow,
      fingers: {
        ...shallow.fingers,
        index: { xMm: 27, u: 2.35, pipDeg: 52, dipDeg: 26 },
        middle: { xMm: 6, u: 1.75, pipDeg: 48, dipDeg: 24 },
        ring: { xMm: -9, u: 1.4, pipDeg: 42, dipDeg: 24 },
      },
      leanDeg: 24,
    },
    wristBend: { flexionDeg: 14, deviationDeg: 0 },
    skin: '#b87d5a',
    sleeve: '#47503a',
    room: '#d6cbb8',
    views: ['finger-side'],
  },
];
