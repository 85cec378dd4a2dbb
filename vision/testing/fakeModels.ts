import type { HandModels, LandmarkOutput } from '../handModels';

/** A palm that the fake sees: places from 0 to 1 of what it is shown. */
export interface FakePalm {
  x: number;
  y: number;
  size: number;
}

/** What the fake answers of a square; `turnedOver` as of one that is shown to it turned over. */
export interface FakeLook extends Pick<LandmarkOutput, 'presence' | 'rightHand'> {
  turnedOver?: boolean;
}

/** A hand that is seen alike in every first look and in the second one, which is turned over. */
export const seenAlike =
  (presence: number, rightHand: number) =>
  (number: number): FakeLook =>
    number % 2 === 0
      ? { presence, rightHand }
      : { presence, rightHand: 1 - rightHand, turnedOver: true };

/** Models that see what a test tells them, and count how often they were asked. */
export function fakeModels(
  palmsOf: (frame: number) => readonly FakePalm[],
  look: (number: number) => FakeLook,
): HandModels & { frames: number; looks: number } {
  return {
    frames: 0,
    looks: 0,
    async findPalms() {
      const palms = palmsOf(this.frames);
      this.frames += 1;
      const boxes = new Float32Array(2016 * 18);
      const scores = new Float32Array(2016).fill(-100);
      palms.forEach(({ x, y, size }, i) => {
        // Far apart in the list; the anchor's own place is taken off again.
        const anchor = 1152 + i * 6;
        const px = (i + 0.5) / 12;
        const py = 0.5 / 12;
        const numbers = [x - px, y - py, size, size, x - px, y + size / 2 - py, 0, 0, x - px];
        boxes.set(
          [...numbers, y - size / 2 - py].map((n) => n * 192),
          anchor * 18,
        );
        scores[anchor] = 5 - i;
      });
      return { boxes, scores };
    },
    async findLandmarks() {
      const { presence, rightHand, turnedOver = false } = look(this.looks);
      this.looks += 1;
      return { points: handPoints(turnedOver), presence, rightHand };
    },
  };
}

/** Heights of a finger's joints and of the thumb's, px of the landmark model's 224. */
const FINGER_Y = [123, 67.2, 40, 20];
const THUMB_Y = [160, 140, 120, 100];

/** A hand with its fingers upward, whose own square is the one in which it is seen: a second look finds it where the first did. */
function handPoints(turnedOver: boolean): Float32Array {
  const points = [112, 179.2, 0];
  for (let finger = 0; finger < 5; finger += 1) {
    const x = 62 + finger * 25;
    for (const y of finger === 0 ? THUMB_Y : FINGER_Y) {
      points.push(turnedOver ? 224 - x : x, y, 0);
    }
  }
  return Float32Array.from(points);
}
