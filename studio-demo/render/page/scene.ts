import {
  ACESFilmicToneMapping,
  AmbientLight,
  CapsuleGeometry,
  Color,
  DirectionalLight,
  Group,
  HemisphereLight,
  Mesh,
  MeshStandardMaterial,
  PerspectiveCamera,
  PlaneGeometry,
  Quaternion,
  Raycaster,
  Scene,
  SkinnedMesh,
  Vector3,
  WebGLRenderer,
  type Object3D,
} from 'three';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';
import { buildBow } from './bow';

/** All that the page needs to draw one picture; everything is computed before, in Node. Lengths in mm. */
export interface SceneOrder {
  width: number;
  height: number;
  rigBase64: string;
  joints: { name: string; position: number[]; rotation: number[] }[];
  forearm: { from: number[]; to: number[] };
  camera: { position: number[]; quaternion: number[]; fov: number };
  colours: { skin: string; sleeve: string; room: string };
  /** Places of which it is asked how deep they lie behind what the camera sees. */
  asked: number[][];
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
  }
}

/** Draws the hand on the bow. */
window.drawScene = async (order) => {
  const scene = new Scene();
  scene.background = new Color(order.colours.room);
  const camera = new PerspectiveCamera(order.camera.fov, order.width / order.height, 10, 5000);
  camera.position.fromArray(order.camera.position);
  camera.quaternion.copy(quaternionOf(order.camera.quaternion));
  addLights(scene, camera);
  addWall(scene, camera, order.colours.room);
  scene.add(await posedHand(order), forearm(order), buildBow());
  const renderer = new WebGLRenderer({ antialias: true, preserveDrawingBuffer: true });
  renderer.setSize(order.width, order.height);
  renderer.shadowMap.enabled = true;
  renderer.toneMapping = ACESFilmicToneMapping;
  document.body.append(renderer.domElement);
  renderer.render(scene, camera);
  const url = renderer.domElement.toDataURL('image/jpeg', 0.86);
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

function addLights(scene: Scene, camera: PerspectiveCamera): void {
  scene.add(new AmbientLight('#ffffff', 0.45), new HemisphereLight('#fff8ec', '#8d8577', 1.3));
  const key = new DirectionalLight('#fff3df', 2.4);
  // A window over the camera's shoulder, so that every view is lit from in front.
  key.position
    .copy(camera.position)
    .multiplyScalar(0.6)
    .add(new Vector3(160, 420, 0));
  key.castShadow = true;
  key.shadow.mapSize.set(2048, 2048);
  const box = key.shadow.camera;
  box.left = box.bottom = -260;
  box.right = box.top = 260;
  box.far = 2000;
  key.shadow.bias = -0.0006;
  key.shadow.normalBias = 0.8;
  scene.add(key);
  if (camera.position.y < 0) {
    // From below the window lights the hand's back only: a lamp beside the camera lights the palm.
    const lamp = new DirectionalLight('#fff7ea', 1.5);
    lamp.position.copy(camera.position).add(new Vector3(-120, 60, 0));
    scene.add(lamp);
  }
}

/** A plain wall well behind the hand, for a room's soft falling-off of light. */
function addWall(scene: Scene, camera: PerspectiveCamera, colour: string): void {
  const wall = new Mesh(
    new PlaneGeometry(3000, 3000),
    new MeshStandardMaterial({ color: colour, roughness: 1 }),
  );
  const away = new Vector3(0, 0, -1).applyQuaternion(camera.quaternion);
  wall.position.copy(camera.position).addScaledVector(away, 1300);
  wall.quaternion.copy(camera.quaternion);
  scene.add(wall);
}

const skinOf = (order: SceneOrder) =>
  new MeshStandardMaterial({ color: order.colours.skin, roughness: 0.62 });

async function posedHand(order: SceneOrder): Promise<Object3D> {
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
  }
  rig.traverse((part) => {
    if (part instanceof SkinnedMesh) {
      part.material = skinOf(order);
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
  limb(10, 60, 23, skin);
  limb(35, 120, 25, skin);
  limb(95, 420, 36, new MeshStandardMaterial({ color: order.colours.sleeve, roughness: 0.95 }));
  return group;
}
