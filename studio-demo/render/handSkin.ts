import { readFileSync } from 'node:fs';
import { Matrix4, Quaternion, Vector3 } from 'three';
import type { HandBuild } from '@open-palm/core/pose';
import type { PosedHand } from './handPose';
import { RIG_MM, RIG_PATH } from './handRig';

/** The rig's skin at rest: places, and by which joints each is carried. */
interface RigSkin {
  places: Vector3[];
  joints: number[][];
  weights: number[][];
  names: string[];
  bindInverse: Matrix4[];
  triangles: number[];
}

/** A place on the skin of a posed hand, mm, and the joint that carries it most. */
export interface SkinPlace {
  at: Vector3;
  joint: string;
}

interface Gltf {
  nodes: { name: string }[];
  skins: { joints: number[]; inverseBindMatrices: number }[];
  meshes: { primitives: { attributes: Record<string, number>; indices: number }[] }[];
  accessors: {
    bufferView: number;
    byteOffset?: number;
    componentType: number;
    count: number;
    type: string;
  }[];
  bufferViews: { byteOffset?: number; byteStride?: number }[];
}

const WIDTH: Record<string, number> = { SCALAR: 1, VEC3: 3, VEC4: 4, MAT4: 16 };

export function readSkin(path = RIG_PATH): RigSkin {
  const file = readFileSync(path);
  const jsonLength = file.readUInt32LE(12);
  const gltf = JSON.parse(file.subarray(20, 20 + jsonLength).toString()) as Gltf;
  const bytes = file.subarray(20 + jsonLength + 8);
  const read = (index: number): number[][] => {
    const { bufferView, byteOffset = 0, componentType, count, type } = gltf.accessors[index]!;
    const view = gltf.bufferViews[bufferView]!;
    const size = componentType === 5121 ? 1 : componentType === 5123 ? 2 : 4;
    const width = WIDTH[type]!;
    const stride = view.byteStride ?? width * size;
    return Array.from({ length: count }, (_, i) =>
      Array.from({ length: width }, (__, k) => {
        const at = (view.byteOffset ?? 0) + byteOffset + i * stride + k * size;
        if (componentType === 5126) return bytes.readFloatLE(at);
        if (componentType === 5121) return bytes.readUInt8(at);
        return componentType === 5123 ? bytes.readUInt16LE(at) : bytes.readUInt32LE(at);
      }),
    );
  };
  const { attributes, indices } = gltf.meshes[0]!.primitives[0]!;
  const skin = gltf.skins[0]!;
  return {
    places: read(attributes.POSITION!).map(([x, y, z]) => new Vector3(x, y, z)),
    joints: read(attributes.JOINTS_0!),
    weights: read(attributes.WEIGHTS_0!),
    names: skin.joints.map((i) => gltf.nodes[i]!.name),
    bindInverse: read(skin.inverseBindMatrices).map((m) => new Matrix4().fromArray(m)),
    triangles: read(indices).map(([i]) => i!),
  };
}

const skin = readSkin();

/**
 * The skin of a posed hand, as the picture shows it: linear blending, every vertex and the middle of every triangle.
 */
export function skinOf(hand: PosedHand, build: HandBuild): SkinPlace[] {
  const carriers = skin.names.map((name, i) => {
    const joint = hand.joints.get(name);
    return joint
      ? new Matrix4()
          .compose(
            joint.position,
            joint.rotation as Quaternion,
            new Vector3().setScalar(RIG_MM * build.size),
          )
          .multiply(skin.bindInverse[i]!)
      : null;
  });
  const vertices = skin.places.map((place, v): SkinPlace => {
    const at = new Vector3();
    let most = 0;
    skin.weights[v]!.forEach((weight, k) => {
      const carrier = carriers[skin.joints[v]![k]!];
      if (weight > 0 && carrier) at.addScaledVector(place.clone().applyMatrix4(carrier), weight);
      if (weight > skin.weights[v]![most]!) most = k;
    });
    return { at, joint: skin.names[skin.joints[v]![most]!]! };
  });
  const middles: SkinPlace[] = [];
  for (let t = 0; t < skin.triangles.length; t += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => vertices[skin.triangles[t + k]!]!);
    middles.push({
      at: a!.at.clone().add(b!.at).add(c!.at).divideScalar(3),
      joint: a!.joint,
    });
  }
  return [...vertices, ...middles];
}
