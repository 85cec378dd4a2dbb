import type { HandModels, LandmarkOutput } from '../handModels';

/** A palm that the fake sees: places from 0 to 1 of what it is shown. */
export interface FakePalm {
  x: number;
  y: number;
  size: number;
}

/** Models that see what a test tells them, and count how often they were asked. */
export function fakeModels(
  palmsOf: (frame: number) => readonly FakePalm[],
  look: (number: number) => Pick<LandmarkOutput, 'presence' | 'rightHand'>,
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
      const { presence, rightHand } = look(this.looks);
      this.looks += 1;
      return { points: handPoints(), presence, rightHand };
    },
  };
}

/** A hand with its fingers upward, in the 224 px of the landmark model. */
function handPoints(): Float32Array {
  const points = [112, 190, 0];
  for (let finger = 0; finger < 5; finger += 1) {
    for (let joint = 0; joint < 4; joint += 1) {
      points.push(60 + finger * 25, 140 - joint * 28, 0);
    }
  }
  return Float32Array.from(points);
}
