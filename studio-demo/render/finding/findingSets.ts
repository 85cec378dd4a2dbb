import { BOWS, type BowModel } from '../bowModel';
import { BUILDS, type HandBuild } from '@open-palm/core/pose';
import { LOOKS, type Look } from '../looks';

/** What the pictures of a set are made of. */
export interface FindingSet {
  name: string;
  seed: number;
  size: { width: number; height: number };
  looks: readonly Look[];
  builds: readonly HandBuild[];
  /** A bow of the violin's stick, of any look. */
  bow: BowModel;
  distanceMm: readonly [number, number];
  handsAcross: readonly [number, number];
  /** How far bends differ from those of the holds and of a hand at rest, SD, degrees. */
  bendSdDeg: number;
}

/** Pictures on which the hand finder may be tuned: the demo's rooms, bows and builds. */
export const TUNING_SET: FindingSet = {
  name: 'tuning',
  seed: 21,
  size: { width: 1200, height: 900 },
  looks: LOOKS,
  builds: Object.values(BUILDS),
  bow: BOWS.violin,
  distanceMm: [550, 850],
  handsAcross: [1.3, 2.4],
  bendSdDeg: 6,
};

/** Rooms, skins and lights that are used nowhere else. */
const OTHER_LOOKS: readonly Look[] = [
  {
    skin: '#d9a07c',
    sleeve: '#222831',
    sleeveFromMm: 70,
    room: { wall: '#8d9aa6', kind: 'curtain', accent: '#7c8894', wallMm: 1500 },
    light: 'lamp',
    blurPx: 0.8,
    noise: 5,
  },
  {
    skin: '#9c6848',
    sleeve: '#e9e2d0',
    sleeveFromMm: 130,
    room: { wall: '#b9a58c', kind: 'frames', accent: '#4a3b2c', wallMm: 1800 },
    light: 'window',
    blurPx: 0.3,
    noise: 1.5,
  },
  {
    skin: '#5a3826',
    sleeve: '#8f2f3f',
    sleeveFromMm: 100,
    room: { wall: '#e8e6e1', kind: 'frames', accent: '#b3762f', wallMm: 1600 },
    light: 'window-left',
    blurPx: 0.6,
    noise: 3.5,
  },
  {
    skin: '#f0d0b8',
    sleeve: '#5b7a58',
    sleeveFromMm: 160,
    room: { wall: '#6f5f55', kind: 'curtain', accent: '#836f62', wallMm: 1900 },
    light: 'window',
    blurPx: 0.5,
    noise: 4,
  },
];

/** Of the files of the set below, in order, as they were drawn and committed before the search was changed. */
export const UNSEEN_SHA256 = 'd2a64ad93e4e73ae5f8cd2f739b750cc7ec0db510943fff73bfcef7246bd505e';

/**
 * Pictures of a kind on which nothing was tuned: other rooms, another bow, other builds, upright pictures from other distances. They are only
 * measured.
 */
export const UNSEEN_SET: FindingSet = {
  name: 'unseen',
  seed: 4711,
  size: { width: 960, height: 1280 },
  looks: OTHER_LOOKS,
  builds: [
    { size: 0.88, fingers: 1.08, thumb: 0.95, breadth: 1.04 },
    { size: 1.08, fingers: 0.97, thumb: 1.06, breadth: 0.95 },
    { size: 0.82, fingers: 1, thumb: 1.03, breadth: 1.1 },
  ],
  bow: {
    ...BOWS.violin,
    frogLengthMm: 50,
    frog: { topMm: BOWS.violin.frog.topMm, bottomMm: BOWS.violin.frog.bottomMm - 2, depthMm: 13 },
    stickFromMm: -68,
    ferruleLengthMm: 13,
    throatMm: 11,
    gripToMm: 34,
    windingToMm: 60,
    paint: { wood: '#b0793f', frog: '#d8cdb4', metal: '#c79a3d', winding: '#2d2a33' },
  },
  distanceMm: [400, 1100],
  handsAcross: [1.2, 3],
  bendSdDeg: 9,
};
