import {
  AmbientLight,
  BoxGeometry,
  DirectionalLight,
  Group,
  HemisphereLight,
  Mesh,
  MeshStandardMaterial,
  PlaneGeometry,
  Vector3,
  type PerspectiveCamera,
  type Scene,
} from 'three';
import type { Look, Room } from '../looks';

/** How far from the camera the wall stands unless the room says so, mm. */
const WALL_MM = 1300;

/** A wall well behind the hand, and what stands before it. */
export function addRoom(scene: Scene, camera: PerspectiveCamera, room: Room): void {
  const back = new Group();
  const flat = (width: number, height: number, x: number, y: number, z: number, colour: string) => {
    const mesh = new Mesh(
      z === 0 ? new PlaneGeometry(width, height) : new BoxGeometry(width, height, 8),
      new MeshStandardMaterial({ color: colour, roughness: 1 }),
    );
    mesh.position.set(x, y, z);
    back.add(mesh);
  };
  flat(3400, 3400, 0, 0, 0, room.wall);
  if (room.kind === 'panelled') {
    flat(3400, 26, 0, -60, 6, room.accent);
    for (let x = -1500; x <= 1500; x += 260) flat(10, 1400, x, -780, 6, room.accent);
  }
  if (room.kind === 'bookshelf') {
    flat(3400, 22, 0, 150, 6, room.accent);
    flat(3400, 22, 0, -240, 6, room.accent);
    // Spines in a row, thick and thin by a fixed pattern.
    let x = -1500;
    for (let i = 0; x < 1500; i += 1) {
      const width = 26 + ((i * 37) % 34);
      const height = 190 + ((i * 53) % 130);
      flat(width - 3, height, x + width / 2, -228 + height / 2, 5, SPINES[i % SPINES.length]!);
      x += width;
    }
  }
  if (room.kind === 'stand') {
    flat(520, 380, 260, -120, 8, room.accent);
    flat(240, 320, 150, -110, 12, '#f3efe4');
    flat(240, 320, 395, -110, 12, '#f3efe4');
    flat(22, 1200, 260, -900, 6, room.accent);
  }
  if (room.kind === 'curtain') {
    // Folds, broad and narrow by a fixed pattern.
    for (let i = 0; i < 60; i += 1) {
      flat(22 + ((i * 29) % 23), 3400, -1500 + i * 50, 0, 4 + ((i * 17) % 22), room.accent);
    }
  }
  if (room.kind === 'frames') {
    for (let i = 0; i < 8; i += 1) {
      const [x, y] = [-1200 + i * 330, ((i * 137) % 420) - 210];
      flat(210, 260, x, y, 6, room.accent);
      flat(170, 220, x, y, 9, SPINES[(i * 5 + 2) % SPINES.length]!);
    }
  }
  const away = new Vector3(0, 0, -1).applyQuaternion(camera.quaternion);
  back.position.copy(camera.position).addScaledVector(away, room.wallMm ?? WALL_MM);
  back.quaternion.copy(camera.quaternion);
  scene.add(back);
}

const SPINES = ['#7d5a4a', '#5d6b62', '#8d8064', '#4f5a6d', '#93735a', '#6c5f70'];

/** A window over the camera's shoulder, or a lamp; from below a second lamp lights what faces down. */
export function addLights(scene: Scene, camera: PerspectiveCamera, light: Look['light']): void {
  const warm = light === 'lamp';
  scene.add(
    new AmbientLight('#ffffff', warm ? 0.55 : 0.45),
    new HemisphereLight(warm ? '#fff1d8' : '#fff8ec', '#8d8577', 1.3),
  );
  const key = new DirectionalLight(warm ? '#ffe3b8' : '#fff3df', warm ? 2 : 2.4);
  const aside = { window: 160, 'window-left': -260, lamp: 40 }[light];
  key.position
    .copy(camera.position)
    .multiplyScalar(0.6)
    .add(new Vector3(aside, warm ? 300 : 420, 0));
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
    const lamp = new DirectionalLight('#fff7ea', 1.5);
    lamp.position.copy(camera.position).add(new Vector3(-120, 60, 0));
    scene.add(lamp);
  }
}
