import { Matrix4, Quaternion, Vector3 } from 'three';
import type { Finger, HandPointName } from '@open-palm/core/hand';
import { flexion3d } from '@open-palm/core/hand';
import { RIG_BUILD, type HandBuild } from '@open-palm/core/pose';
import { RIG_CHAIN, RIG_FINGERS, readRestJoints, type RestJoint, type RigFinger } from './handRig';

/** How a hand is posed in the bow's frame. Angles in degrees, added to the rig's rest pose; lengths in mm. */
export interface HandPose {
  /** Where the wrist is. */
  wrist: [number, number, number];
  /** Turn of the whole hand as a rotation vector, 0 = fingers across the stick, palm down. */
  turnDeg: [number, number, number];
  /** Thumb: flexion, abduction and twist at the CMC, flexion at MCP and IP. */
  thumb: [number, number, number, number, number];
  /** Fingers: flexion and abduction at the MCP, flexion at PIP and DIP. */
  fingers: Record<Finger, [number, number, number, number]>;
}

export interface PosedJoint {
  position: Vector3;
  rotation: Quaternion;
}

export interface PosedHand {
  /** The rig's joints by the rig's names, in the bow's frame, mm. */
  joints: Map<string, PosedJoint>;
  /** The 21 hand points, mm. */
  points: Record<HandPointName, Vector3>;
  /** True signed flexion by joint, degrees, about the joint's own hinge. */
  flexionDeg: Partial<Record<HandPointName, number>>;
}

/**
 * The rig's last joint lies inside the fingertip; the tip's mark is this much further, mm: two short of where the rig's
 * skin ends, as a person marks a fingertip.
 */
const TIP_BEYOND_MM: Record<RigFinger, number> = {
  thumb: 7.9,
  index: 9.1,
  middle: 10.6,
  ring: 9.6,
  little: 7.6,
};

/**
 * The bow's frame: x toward the tip, y away from the hair, z toward the fingers' side. The rig's right hand has its
 * fingers toward −y, its index side toward −z and its palm toward −x.
 */
const RIG_TO_BOW = new Quaternion().setFromRotationMatrix(
  new Matrix4().set(0, 0, -1, 0, 1, 0, 0, 0, 0, -1, 0, 0, 0, 0, 0, 1),
);

const RAD = Math.PI / 180;
const rest = readRestJoints();

function restJoint(name: string): RestJoint {
  const joint = rest.get(name);
  if (!joint) throw new Error(`The rig has no joint "${name}".`);
  return joint;
}

const axisOf = (name: string, x: number, y: number, z: number) =>
  new Vector3(x, y, z).applyQuaternion(restJoint(name).rotation);
const turn = (axis: Vector3, deg: number) => new Quaternion().setFromAxisAngle(axis, deg * RAD);

/** Local rotations of a chain's joints from base to tip; a finger's metacarpal does not move. */
function chainTurns(finger: RigFinger, pose: HandPose): Quaternion[] {
  const chain = RIG_CHAIN[finger];
  const hinge = (i: number) => axisOf(chain[i]!, -1, 0, 0);
  const side = (i: number) => axisOf(chain[i]!, 0, 1, 0);
  if (finger === 'thumb') {
    const [flex, abduct, twist, mcp, ip] = pose.thumb;
    return [
      turn(side(0), abduct)
        .multiply(turn(hinge(0), flex))
        .multiply(turn(axisOf(chain[0]!, 0, 0, -1), twist)),
      turn(hinge(1), mcp),
      turn(hinge(2), ip),
    ];
  }
  const [flex, abduct, pip, dip] = pose.fingers[finger];
  return [
    new Quaternion(),
    turn(side(1), abduct).multiply(turn(hinge(1), flex)),
    turn(hinge(2), pip),
    turn(hinge(3), dip),
  ];
}

/** Where the rig's joints rest in a hand of this build, from the wrist, mm. */
function restPlaces(build: HandBuild): Map<string, Vector3> {
  const wrist = restJoint('wrist').position;
  const places = new Map<string, Vector3>();
  for (const finger of RIG_FINGERS) {
    const chain = RIG_CHAIN[finger];
    const share = finger === 'thumb' ? build.thumb : build.fingers;
    // The palm's own joints: a thumb's first, a finger's first two.
    const inPalm = finger === 'thumb' ? 1 : 2;
    chain.forEach((name, i) => {
      const at = restJoint(name).position.clone().sub(wrist);
      if (i < inPalm) {
        // The rig's palm is as broad as it is long in z.
        places.set(name, new Vector3(at.x, at.y, at.z * build.breadth).multiplyScalar(build.size));
      } else {
        const before = chain[i - 1]!;
        const bone = restJoint(name).position.clone().sub(restJoint(before).position);
        places.set(name, bone.multiplyScalar(share * build.size).add(places.get(before)!));
      }
    });
  }
  return places;
}

/** Forward kinematics: our own, because the rig's bones are flat siblings. */
export function poseHand(pose: HandPose, build: HandBuild = RIG_BUILD): PosedHand {
  const length = Math.hypot(...pose.turnDeg);
  const root = (
    length === 0
      ? new Quaternion()
      : turn(new Vector3(...pose.turnDeg).divideScalar(length), length)
  ).multiply(RIG_TO_BOW);
  const rests = restPlaces(build);
  const wrist = new Vector3(...pose.wrist);
  const place = (p: Vector3) => p.clone().applyQuaternion(root).add(wrist);
  const joints = new Map<string, PosedJoint>([
    ['wrist', { position: wrist, rotation: root.clone().multiply(restJoint('wrist').rotation) }],
  ]);
  const points = { wrist } as PosedHand['points'];
  const flexionDeg: PosedHand['flexionDeg'] = {};
  for (const finger of RIG_FINGERS) {
    const chain = RIG_CHAIN[finger];
    const turns = chainTurns(finger, pose);
    const hinges: Vector3[] = [];
    let bend = new Quaternion();
    let at = rests.get(chain[0]!)!;
    chain.forEach((name, i) => {
      const joint = restJoint(name);
      if (i > 0) {
        at = rests
          .get(name)!
          .clone()
          .sub(rests.get(chain[i - 1]!)!)
          .applyQuaternion(bend)
          .add(at);
      }
      hinges.push(axisOf(name, -1, 0, 0).applyQuaternion(bend).applyQuaternion(root));
      if (i < turns.length) bend = bend.clone().multiply(turns[i]!);
      const rotation = root.clone().multiply(bend).multiply(joint.rotation);
      joints.set(name, { position: place(at), rotation });
    });
    const names = pointNames(finger);
    const placed = chain.slice(finger === 'thumb' ? 0 : 1).map((n) => joints.get(n)!.position);
    names.forEach((name, i) => (points[name] = placed[i]!.clone()));
    const [last, end] = [points[names[2]!]!, points[names[3]!]!];
    end.add(
      end
        .clone()
        .sub(last)
        .setLength(TIP_BEYOND_MM[finger] * build.size),
    );
    const base = finger === 'thumb' ? wrist : joints.get(chain[0]!)!.position;
    const line = [base, ...names.map((n) => points[n]!)];
    const hingeOffset = finger === 'thumb' ? 0 : 1;
    for (let i = 0; i < 3; i += 1) {
      flexionDeg[names[i]!] = flexion3d(
        line[i]!,
        line[i + 1]!,
        line[i + 2]!,
        hinges[i + hingeOffset]!,
      );
    }
  }
  return { joints, points, flexionDeg };
}

/** The four points of a finger from base to tip. */
export function pointNames(finger: RigFinger): HandPointName[] {
  const joints = finger === 'thumb' ? ['Cmc', 'Mcp', 'Ip', 'Tip'] : ['Mcp', 'Pip', 'Dip', 'Tip'];
  return joints.map((joint) => `${finger}${joint}` as HandPointName);
}
