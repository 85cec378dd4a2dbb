import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import { Quaternion, Vector3 } from 'three';

/**
 * The rigged right hand of @webxr-input-profiles/assets: its rest joints, read from the file. The bones are flat
 * siblings, so the hierarchy (and with it the forward kinematics) is ours.
 */
export const RIG_PATH = createRequire(import.meta.url).resolve(
  '@webxr-input-profiles/assets/dist/profiles/generic-hand/right.glb',
);

/** Millimetres per unit of the rig, which is in metres. */
export const RIG_MM = 1000;

export const RIG_FINGERS = ['thumb', 'index', 'middle', 'ring', 'little'] as const;
export type RigFinger = (typeof RIG_FINGERS)[number];

/** Joint names of each finger from its base to its tip, as the rig's file has them. */
export const RIG_CHAIN: Record<RigFinger, readonly string[]> = {
  thumb: ['thumb-metacarpal', 'thumb-phalanx-proximal', 'thumb-phalanx-distal', 'thumb-tip'],
  index: fingerChain('index-finger'),
  middle: fingerChain('middle-finger'),
  ring: fingerChain('ring-finger'),
  little: fingerChain('pinky-finger'),
};

function fingerChain(prefix: string): string[] {
  return [
    ...['metacarpal', 'phalanx-proximal', 'phalanx-intermediate', 'phalanx-distal'].map(
      (part) => `${prefix}-${part}`,
    ),
    `${prefix}-tip`,
  ];
}

export interface RestJoint {
  position: Vector3;
  rotation: Quaternion;
}

/** The rest joints by the rig's own names, in mm. */
export function readRestJoints(path = RIG_PATH): Map<string, RestJoint> {
  const file = readFileSync(path);
  const jsonLength = file.readUInt32LE(12);
  const gltf = JSON.parse(file.subarray(20, 20 + jsonLength).toString()) as {
    nodes: { name: string; translation?: number[]; rotation?: number[] }[];
  };
  const joints = new Map<string, RestJoint>();
  for (const node of gltf.nodes) {
    if (!node.translation || !node.rotation) continue;
    joints.set(node.name, {
      position: new Vector3(...(node.translation as [number, number, number])).multiplyScalar(
        RIG_MM,
      ),
      rotation: new Quaternion(...(node.rotation as [number, number, number, number])),
    });
  }
  return joints;
}
