import { HOLD_IDS, holdById } from '../../holds';
import { FINGERS, PLAUSIBLE_FLEXION_DEG } from '../../hand';
import type { GripContacts } from '../../measure/gripContacts';
import type { MeasureId } from '../../measure/measureIds';
import { seededNormal } from '../../stats';
import { approachOfFinger } from '../../hand/approachOfFinger';
import { bowOf } from '../bowOf';
import { drawnHold, type DrawnHold } from '../drawnHold';
import { BUILDS, middleFingerOf, type HandBuild } from '../handBuild';
import type { MeasuredGrip } from '../measuredGrip';
import { posedMeasures } from '../posedMeasures';
import { HandPoser, poseValues } from '../posedHand';
import { solvePose } from '../solvePose';

/** A set of measures for the pose to be found of. */
export interface MeasuredSet {
  hold: DrawnHold;
  build: HandBuild;
  grip: MeasuredGrip;
}

const holdOf = (i: number) => drawnHold(holdById(HOLD_IDS[i % HOLD_IDS.length]!));
const buildOf = (i: number) => Object.values(BUILDS)[i % 4]!;

const contactsOf = (
  thumbXMm: number | null,
  contact: (finger: (typeof FINGERS)[number]) => { xMm: number; u: number } | null,
): GripContacts => ({
  thumbXMm,
  fingers: Object.fromEntries(
    FINGERS.map((finger) => {
      const at = contact(finger);
      return [finger, at && { ...at, dMm: 0, touching: true }];
    }),
  ) as GripContacts['fingers'],
});

/** All that a hold wants, measured. */
export function wantedSet(i: number): MeasuredSet {
  const hold = holdOf(i);
  const { startingPlacesMm: x, startingDepthsU: u, wanted } = hold;
  const contacts = contactsOf(x.thumb, (finger) => ({ xMm: x[finger], u: u[finger] }));
  return { hold, build: BUILDS.grown, grip: { contacts, measures: wanted } };
}

/**
 * Some of the measures of a hand that stands on the bow and bends as hands do: one is posed for values about a hold's own, measured, and a
 * part of what was measured kept.
 *
 * @returns null where the values were none that a hand can have together
 */
export function believableSet(seed: number): MeasuredSet | null {
  const [hold, build, normal] = [holdOf(seed), buildOf(seed), seededNormal(seed + 1)];
  const { startingPlacesMm: x, startingDepthsU: u } = hold;
  const about: MeasuredGrip = {
    contacts: contactsOf(x.thumb + 3 * normal(), (finger) => ({
      xMm: x[finger] + 2.5 * normal(),
      u: Math.max(0, u[finger] + 0.15 * normal()),
    })),
    measures: {
      thumbIpFlexion: 35 + 14 * normal(),
      thumbMcpFlexion: 18 + 8 * normal(),
      handLean: 18 + 5 * normal(),
    },
  };
  const { pose, fit, fighting } = solvePose(hold, about, build);
  const hand = new HandPoser(build).pose(poseValues(pose));
  if (fighting.length > 0 || fit.overlapMm > 1.2 || !bendsAsUsual(hand.bendDeg)) return null;
  const told = posedMeasures(hand, bowOf(hold), middleFingerOf(build));
  const measures: MeasuredGrip['measures'] = {};
  for (const [id, value] of Object.entries(told) as [MeasureId, number][]) {
    // A thumb that lies on top of the stick is through nothing.
    if (normal() > 0.2 && !(hold.hand === 'under' && /Through|Approach/.test(id))) {
      measures[id] = value;
    }
  }
  const contacts = contactsOf(normal() > 0 ? told.thumbPlace! : null, (finger) =>
    normal() > -0.3 ? approachOfFinger(hand.points, finger) : null,
  );
  return { hold, build, grip: { contacts, measures } };
}

/** Whether no joint is bent further than what is normal by more than a little. */
function bendsAsUsual(bendDeg: Float64Array): boolean {
  // Points 1 to 4 are the thumb's, then come four of each finger.
  return bendDeg.every(
    (deg, i) => Number.isNaN(deg) || i < 5 || (i - 5) % 4 > 2 || (deg > -20 && deg < 100),
  );
}

/** Any values within what joints can do, whether a hand can have them together or not. */
export function wildSet(seed: number): MeasuredSet {
  const [hold, build, normal] = [holdOf(seed), buildOf(seed), seededNormal(7 * seed + 3)];
  const share = () => Math.min(1, Math.max(0, 0.5 + 0.29 * normal()));
  const within = ({ lo, hi }: { lo: number; hi: number }) => lo + share() * (hi - lo);
  const { fingerPip, fingerDip, thumbIp, thumbMcp } = PLAUSIBLE_FLEXION_DEG;
  const all: MeasuredGrip['measures'] = {
    thumbIpFlexion: within(thumbIp),
    thumbMcpFlexion: within(thumbMcp),
    indexPipFlexion: within(fingerPip),
    middlePipFlexion: within(fingerPip),
    ringPipFlexion: within(fingerPip),
    littlePipFlexion: within(fingerPip),
    littleDipFlexion: within(fingerDip),
    handLean: within({ lo: -30, hi: 60 }),
    thumbApproach: within({ lo: 0, hi: 90 }),
    thumbFacet: String(1 + Math.floor(7.99 * share())),
    littlePlace: ['off', 'top', 'over', 'flat', 'under'][Math.floor(4.99 * share())]!,
  };
  const kept = Object.entries(all).filter(() => normal() > 0);
  const contacts = contactsOf(normal() > 0 ? within({ lo: -45, hi: 40 }) : null, () =>
    normal() > 0 ? { xMm: within({ lo: -50, hi: 60 }), u: 3 * share() } : null,
  );
  return { hold, build, grip: { contacts, measures: Object.fromEntries(kept) } };
}
