/** How a picture looks beside the hold it shows: skin, clothes, room, light, and how well the camera does. */
export interface Look {
  skin: string;
  sleeve: string;
  /** How far up the arm the sleeve begins, mm from the wrist. */
  sleeveFromMm: number;
  /** How far it goes, mm from the wrist; 420 unless told. */
  sleeveToMm?: number;
  room: Room;
  light: 'window' | 'window-left' | 'lamp';
  /** Blur, px, and noise, SD of 255, of the camera. */
  blurPx: number;
  noise: number;
}

/** What is behind the hand. */
export interface Room {
  wall: string;
  kind: 'wall' | 'panelled' | 'bookshelf' | 'stand' | 'curtain' | 'frames';
  accent: string;
  /** How far from the camera the wall stands, mm; 1300 unless told. */
  wallMm?: number;
}

const plain = { blurPx: 0.4, noise: 2.5 };

/** The demo's looks. */
export const LOOKS: readonly Look[] = [
  {
    skin: '#c98f6b',
    sleeve: '#3f5a63',
    sleeveFromMm: 95,
    room: { wall: '#d9d2c4', kind: 'wall', accent: '#c9c0ae' },
    light: 'window',
    ...plain,
  },
  {
    skin: '#e0b295',
    sleeve: '#7a3f3a',
    sleeveFromMm: 120,
    room: { wall: '#cfd6d2', kind: 'panelled', accent: '#b7c2bd' },
    light: 'window-left',
    ...plain,
  },
  {
    skin: '#8a5a3e',
    sleeve: '#d8c9a3',
    sleeveFromMm: 80,
    room: { wall: '#c9cdd6', kind: 'bookshelf', accent: '#7b6a55' },
    light: 'window',
    ...plain,
  },
  {
    skin: '#b87d5a',
    sleeve: '#47503a',
    sleeveFromMm: 150,
    room: { wall: '#d3cfc6', kind: 'stand', accent: '#54504a' },
    light: 'lamp',
    ...plain,
  },
  {
    skin: '#6f4630',
    sleeve: '#a8b4bd',
    sleeveFromMm: 95,
    room: { wall: '#d6cbb8', kind: 'panelled', accent: '#bfae92' },
    light: 'window-left',
    ...plain,
  },
  {
    skin: '#ecc7ab',
    sleeve: '#2f3d4f',
    sleeveFromMm: 110,
    room: { wall: '#c6cfc4', kind: 'wall', accent: '#aebba9' },
    light: 'lamp',
    ...plain,
  },
];
