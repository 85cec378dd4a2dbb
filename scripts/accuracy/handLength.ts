import { BONES, type HandPointName } from '@open-palm/core/hand';
import type { PictureTruth } from '../../studio-demo/render/truth';

const MIDDLE = ['wrist', 'middleMcp', 'middlePip', 'middleDip', 'middleTip'] as const;

/** The hand stretched out, from the wrist to the tip of the middle finger, at the picture's own scale. */
export function handLengthPx({ joints3dMm, points2d, tiltDeg }: PictureTruth): number {
  const mm = (a: HandPointName, b: HandPointName) =>
    Math.hypot(...joints3dMm[a]!.map((value, i) => value - joints3dMm[b]![i]!));
  const scales = BONES.map(([a, b]) => {
    const [p, q] = [points2d[a], points2d[b]];
    const shown = Math.hypot(p[0] - q[0], p[1] - q[1]);
    const cos = Math.cos((tiltDeg[b]! * Math.PI) / 180);
    // A bone that points at the camera tells nothing of the scale.
    return cos > 0.5 ? shown / (mm(a, b) * cos) : NaN;
  }).filter(Number.isFinite);
  const scale = scales.sort((a, b) => a - b)[scales.length >> 1]!;
  const length = MIDDLE.slice(1).reduce((sum, name, i) => sum + mm(MIDDLE[i]!, name), 0);
  return scale * length;
}
