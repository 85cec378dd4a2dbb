import {
  ACESFilmicToneMapping,
  CapsuleGeometry,
  Color,
  DoubleSide,
  Group,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
  PerspectiveCamera,
  Plane,
  Quaternion,
  Raycaster,
  Scene,
  SkinnedMesh,
  Vector3,
  WebGLRenderer,
  type Material,
  type Object3D,
} from 'three';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';
import type { BowModel } from '../bowModel';
import type { Look } from '../looks';
import { buildBow } from './bow';
import { develop } from './develop';
import { addLights, addRoom } from './room';

/** All that the page needs to draw one picture; everything is computed before, in Node. Lengths in mm. */
export interface SceneOrder {
  width: number;
  height: number;
  rigBase64: string;
  joints: { name: string; position: number[]; rotation: number[] }[];
  forearm: { from: number[]; to: number[] };
  camera: { position: number[]; quaternion: number[]; fov: number };
  bow: BowModel | null;
  look: Look;
  /** Of the hand against the rig. */
  size: number;
  /** Places of which it is asked how deep they lie behind what the camera sees. */
  asked: number[][];
}

/** What is needed of a scene to draw the hand's shape alone, as far as the wrist. */
export interface MaskOrder extends Pick<
  SceneOrder,
  'width' | 'height' | 'rigBase64' | 'joints' | 'camera' | 'size'
> {
  /** A place at the wrist and the way up the arm from it: nothing is drawn beyond. */
  cut: { at: number[]; toward: number[] };
}

/** A drawn scene. */
export interface DrawnScene {
  /** The picture, base64 of a JPEG file. */
  jpeg: string;
  /** How far each place that was asked for lies behind the surface that the camera sees there, mm. */
  coverMm: number[];
}

declare global {
  interface Window {
    drawScene: (order: SceneOrder) => Promise<DrawnScene>;
    drawMask: (order: MaskOrder) => Promise<string>;
  }
}

/** Draws the hand on the bow. */
window.drawScene = async (order) => {
  const scene = new Scene();
  scene.background = new Color(order.look.room.wall);
  const camera = new PerspectiveCamera(order.camera.fov, order.width / order.height, 10, 5000);
  camera.position.fromArray(order.camera.position);
  camera.quaternion.copy(quaternionOf(order.camera.quaternion));
  addLights(scene, camera, order.look.light);
  addRoom(scene, camera, order.look.room);
  scene.add(await posedHand(order, skinOf(order)), forearm(order));
  if (order.bow) scene.add(buildBow(order.bow));
  const renderer = new WebGLRenderer({ antialias: true, preserveDrawingBuffer: true });
  renderer.setSize(order.width, order.height);
  renderer.shadowMap.enabled = true;
  renderer.toneMapping = ACESFilmicToneMapping;
  document.body.append(renderer.domElement);
  renderer.render(scene, camera);
  const url = develop(renderer.domElement, order.look).toDataURL('image/jpeg', 0.86);
  renderer.domElement.remove();
  renderer.dispose();
  const coverMm = order.asked.map((at) => coverOf(new Vector3().fromArray(at), scene, camera));
  return { jpeg: url.slice(url.indexOf(',') + 1), coverMm };
};

function coverOf(place: Vector3, scene: Scene, camera: PerspectiveCamera): number {
  const sight = place.clone().sub(camera.position);
  const distance = sight.length();
  const [first] = new Raycaster(camera.position, sight.normalize()).intersectObjects(
    scene.children,
  );
  return first ? Math.max(0, distance - first.distance) : 0;
}

const quaternionOf = (q: number[]) =>
  new Quaternion().fromArray(q as [number, number, number, number]);

const skinOf = (order: SceneOrder) =>
  new MeshStandardMaterial({ color: order.look.skin, roughness: 0.62 });

/** The hand's shape in white on black, base64 of a PNG file. */
window.drawMask = async (order) => {
  const scene = new Scene();
  scene.background = new Color('#000');
  const camera = new PerspectiveCamera(order.camera.fov, order.width / order.height, 10, 5000);
  camera.position.fromArray(order.camera.position);
  camera.quaternion.copy(quaternionOf(order.camera.quaternion));
  const way = new Vector3().fromArray(order.cut.toward).negate();
  const plane = new Plane().setFromNormalAndCoplanarPoint(
    way,
    new Vector3().fromArray(order.cut.at),
  );
  const white = new MeshBasicMaterial({ color: '#fff', side: DoubleSide, clippingPlanes: [plane] });
  scene.add(await posedHand(order, white));
  const renderer = new WebGLRenderer({ antialias: true, preserveDrawingBuffer: true });
  renderer.localClippingEnabled = true;
  renderer.setSize(order.width, order.height);
  document.body.append(renderer.domElement);
  renderer.render(scene, camera);
  const url = renderer.domElement.toDataURL('image/png');
  renderer.domElement.remove();
  renderer.dispose();
  return url.slice(url.indexOf(',') + 1);
};

async function posedHand(
  order: Pick<SceneOrder, 'rigBase64' | 'joints' | 'size'>,
  material: Material,
): Promise<Object3D> {
  const bytes = Uint8Array.from(atob(order.rigBase64), (c) => c.charCodeAt(0));
  const { scene: rig } = await new GLTFLoader().parseAsync(bytes.buffer, '');
  // The rig is in metres: its meshes and bones are scaled together, and the joints set in the bow's frame.
  const group = new Group();
  group.scale.setScalar(1000);
  group.add(rig);
  group.updateMatrixWorld(true);
  for (const joint of order.joints) {
    const bone = rig.getObjectByName(joint.name);
    if (!bone?.parent) throw new Error(`The rig's mesh has no bone "${joint.name}".`);
    bone.position.copy(bone.parent.worldToLocal(new Vector3().fromArray(joint.position)));
    const turned = bone.parent.getWorldQuaternion(new Quaternion()).invert();
    bone.quaternion.copy(turned.multiply(quaternionOf(joint.rotation)));
    bone.scale.multiplyScalar(order.size);
  }
  rig.traverse((part) => {
    if (part instanceof SkinnedMesh) {
      part.material = material;
      part.castShadow = true;
      part.receiveShadow = true;
      part.frustumCulled = false;
    }
  });
  return group;
}

/** The rig ends at the wrist: a forearm leaves it and goes into a sleeve. */
function forearm(order: SceneOrder): Object3D {
  const from = new Vector3().fromArray(order.forearm.from);
  const along = new Vector3().fromArray(order.forearm.to).sub(from).normalize();
  const group = new Group();
  const limb = (start: number, end: number, radius: number, material: MeshStandardMaterial) => {
    const mesh = new Mesh(new CapsuleGeometry(radius, end - start, 12, 40), material);
    mesh.position.copy(from).addScaledVector(along, (start + end) / 2);
    mesh.quaternion.setFromUnitVectors(new Vector3(0, 1, 0), along);
    mesh.castShadow = true;
    mesh.receiveShadow = true;
    group.add(mesh);
  };
  const skin = skinOf(order);
  const { size } = order;
  const { sleeveFromMm, sleeveToMm = 420 } = order.look;
  limb(10 * size, 60 * size, 23 * size, skin);
  limb(35 * size, (sleeveFromMm + 40) * size, 25 * size, skin);
  limb(
    sleeveFromMm * size,
    sleeveToMm * size,
    36 * size,
    new MeshStandardMaterial({ color: order.look.sleeve, roughness: 0.95 }),
  );
  return group;
}
