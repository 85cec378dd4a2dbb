import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { HAND_POINTS } from '@open-palm/core/hand';
import { HOLD_IDS } from '@open-palm/core/holds';
import { wantedGrip } from './grips';
import { poseHand } from './handPose';
import { solveGrip } from './solveGrip';

/** Writes the hand that each hold wants for the app: its 21 points in the bow's frame, mm. */
const round = (value: number) => Math.round(value * 10) / 10;
const hands = HOLD_IDS.map((id) => {
  const { target } = wantedGrip(id);
  const { points } = poseHand(solveGrip(target).pose, target.build);
  return [id, HAND_POINTS.map((name) => points[name].toArray().map(round))];
});
writeFileSync(
  fileURLToPath(new URL('../../app/src/space/targetHands.json', import.meta.url)),
  `${JSON.stringify(Object.fromEntries(hands))}\n`,
);
