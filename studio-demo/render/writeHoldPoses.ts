import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { HOLD_IDS } from '@open-palm/core/holds';
import { BUILDS } from '@open-palm/core/pose';
import { wantedGrip } from './grips';
import { solveGrip, toParams } from './solveGrip';

/** Writes the hand that each hold wants for the core: where it touches the bow, its joints and its flesh. */
const round = (value: number) => Math.round(value * 100) / 100;
const poses = HOLD_IDS.map((id) => {
  const { target, wristBend } = wantedGrip(id);
  const { pose, flesh } = solveGrip(target);
  const build = Object.entries(BUILDS).find(([, one]) => one === target.build)![0];
  const { index, middle, ring, little } = target.fingers;
  return [
    id,
    {
      build,
      values: toParams(pose).map(round),
      touches: {
        thumb: target.thumb.contact,
        index: index.contact,
        middle: middle.contact,
        ring: ring.contact,
        little: little.contact,
      },
      fleshMm: Object.fromEntries(
        Object.entries(flesh).map(([digit, mm]) => [
          digit,
          mm.map((one) => round(one / target.build.size)),
        ]),
      ),
      wristBend,
    },
  ];
});
writeFileSync(
  fileURLToPath(new URL('../../core/pose/data/holdPoses.json', import.meta.url)),
  `${JSON.stringify(Object.fromEntries(poses), null, 1)}\n`,
);
