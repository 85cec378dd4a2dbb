import type { Vector3 } from 'three';
import { distanceToBow } from '@open-palm/core/bow/body';
import type { BowModel } from './bowModel';
import { pointNames, type PosedHand } from './handPose';
import type { RigFinger } from './handRig';

/** Samples along the bones must stay as far outside the bow as their flesh is thick. */
export function keepOut(
  hand: PosedHand,
  digit: RigFinger,
  model: BowModel,
  flesh: readonly number[],
  out: number[],
): void {
  const line = pointNames(digit).map((name) => hand.points[name]);
  for (let i = digit === 'thumb' ? 1 : 0; i < 3; i += 1) {
    for (const t of [0.2, 0.4, 0.6, 0.8]) {
      const place = line[i]!.clone().lerp(line[i + 1]!, t);
      out.push(
        Math.min(0, distanceToBow(model, place.x, place.y, place.z) - (flesh[i]! - 0.8)) / 0.6,
      );
    }
  }
}

/** From how far on the palm's bones lie beside the bow, as a share of the way from the wrist, and how thick the palm is there, mm. */
const PALM = { shares: [0.55, 0.7, 0.85, 1], fleshMm: 11, thumbMm: 13 };

/** The palm of a hand that shakes hands with the frog stays hollow: it does not reach into the bow. */
export function keepPalmOut(hand: PosedHand, model: BowModel, size: number, out: number[]): void {
  const { wrist, indexMcp, middleMcp, ringMcp, thumbCmc, thumbMcp } = hand.points;
  const keep = (place: Vector3, fleshMm: number) =>
    out.push(Math.min(0, distanceToBow(model, place.x, place.y, place.z) - fleshMm * size) / 0.6);
  for (const share of PALM.shares) {
    for (const knuckle of [indexMcp, middleMcp, ringMcp]) {
      keep(wrist.clone().lerp(knuckle, share), PALM.fleshMm);
    }
    keep(thumbCmc.clone().lerp(thumbMcp, share), PALM.thumbMm);
  }
}
