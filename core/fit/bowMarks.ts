import priors from './data/handPriors.json' with { type: 'json' };
import type { SeenMark, SeenPicture } from './fitInput';
import { CAMERA, cameraFirst } from './hand/layout';

/** A mark on the bow as the fit reads it: one of its coordinates is free. */
export interface BowMark {
  name: keyof SeenPicture['bow'];
  mark: SeenMark;
  sdPx: number;
  /** The unknown that says where on the bow the mark was set, and which coordinate it is. */
  column: number;
  free: 0 | 1;
  at: readonly [number, number, number];
}

/** Pixels per millimetre at the hand, from the frog as it shows; at least as much as the widest picture would have. */
export function pixelsPerMm({ bow, frogLengthMm, width, view }: SeenPicture): number {
  const { frogFront: front, frogBack: back } = bow;
  const alongStick = view === 'profile' || view === 'down-stick';
  if (alongStick) return width / 420;
  return Math.hypot(front.x - back.x, front.y - back.y) / frogLengthMm;
}

/** The four marks of a picture. */
export function bowMarksOf(
  { bow, frogLengthMm }: SeenPicture,
  picture: number,
  scale: number,
): BowMark[] {
  const first = cameraFirst(picture);
  const { stickSdMm, frogSdMm } = priors.bowMark;
  const mark = (
    name: BowMark['name'],
    offset: number,
    free: 0 | 1,
    xMm: number,
    sdMm: number,
  ): BowMark => ({
    name,
    mark: bow[name],
    sdPx: Math.hypot(bow[name].sigma, scale * sdMm),
    column: first + offset,
    free,
    at: [xMm, 0, 0],
  });
  return [
    mark('stickHandEnd', CAMERA.handEnd, 0, 0, stickSdMm),
    mark('stickTipEnd', CAMERA.tipEnd, 0, 0, stickSdMm),
    mark('frogFront', CAMERA.frogFront, 1, 0, frogSdMm),
    mark('frogBack', CAMERA.frogBack, 1, -frogLengthMm, frogSdMm),
  ];
}
