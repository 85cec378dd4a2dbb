import {
  BoxGeometry,
  CylinderGeometry,
  Group,
  Mesh,
  MeshStandardMaterial,
  TorusGeometry,
  type BufferGeometry,
} from 'three';
import { VIOLIN_BOW as BOW } from '../bowModel';

const paint = (color: string, roughness: number, metalness = 0) =>
  new MeshStandardMaterial({ color, roughness, metalness });

const WOOD = paint('#6b331a', 0.35);
const EBONY = paint('#1d1916', 0.45);
const METAL = paint('#c9c4b6', 0.3, 0.5);
const PEARL = paint('#e9e4da', 0.25);
const LEATHER = paint('#2e251e', 0.8);
const WINDING = paint('#a39a86', 0.35, 0.4);
const HAIR = paint('#efe7d3', 0.9);

/** The bow of the demo pictures, in its own frame: x toward the tip, hair toward −y. */
export function buildBow(): Group {
  const bow = new Group();
  const put = (geometry: BufferGeometry, material: MeshStandardMaterial) => {
    const mesh = new Mesh(geometry, material);
    mesh.castShadow = true;
    mesh.receiveShadow = true;
    bow.add(mesh);
    return mesh;
  };
  /** A rod along x. */
  const rod = (
    [fromMm, toMm]: [number, number],
    [handRadiusMm, tipRadiusMm]: [number, number],
    sides: number,
    material: MeshStandardMaterial,
  ) => {
    const geometry = new CylinderGeometry(tipRadiusMm, handRadiusMm, toMm - fromMm, sides);
    if (sides === 8) geometry.rotateY(Math.PI / 8);
    geometry.rotateZ(-Math.PI / 2);
    put(geometry, material).position.x = (fromMm + toMm) / 2;
  };
  const box = (
    x: [number, number],
    y: [number, number],
    depth: number,
    m: MeshStandardMaterial,
  ) => {
    const mesh = put(new BoxGeometry(x[1] - x[0], y[1] - y[0], depth), m);
    mesh.position.set((x[0] + x[1]) / 2, (y[0] + y[1]) / 2, 0);
  };
  const { frog, stickRadiusMm: r } = BOW;
  const woodFromMm = BOW.stickFromMm + BOW.buttonLengthMm;
  rod([BOW.stickFromMm, woodFromMm], [4.1, 4.1], 24, METAL);
  rod([woodFromMm, BOW.windingToMm], [r, r], 8, WOOD);
  rod([BOW.windingToMm, BOW.stickToMm], [r, 2.7], 24, WOOD);
  rod([BOW.gripFromMm, BOW.gripToMm], [r + 0.9, r + 0.9], 24, LEATHER);
  for (let x = BOW.gripToMm + 1; x < BOW.windingToMm; x += 1.6) {
    const ring = put(new TorusGeometry(r + 0.1, 0.8, 8, 24), WINDING);
    ring.rotation.y = Math.PI / 2;
    ring.position.x = x;
  }
  box([-BOW.frogLengthMm, -9], [frog.bottomMm, frog.topMm], frog.depthMm, EBONY);
  // In front of the body only a tongue under the stick and the ferrule: the throat's hollow is between them.
  box([-9, 0], [frog.topMm - 6, frog.topMm], frog.depthMm - 3, EBONY);
  const ferrule: [number, number] = [-9, BOW.ferruleLengthMm - 9];
  box(ferrule, [frog.bottomMm, frog.bottomMm + 7], frog.depthMm + 1.5, METAL);
  for (const z of [-frog.depthMm / 2, frog.depthMm / 2]) {
    const eye = put(new CylinderGeometry(3.4, 3.4, 0.6, 32), PEARL);
    eye.rotation.x = Math.PI / 2;
    eye.position.set(-26, (frog.topMm + frog.bottomMm) / 2, z);
  }
  box([-4, BOW.stickToMm], [BOW.hairYMm - 0.7, BOW.hairYMm + 0.7], 9.5, HAIR);
  return bow;
}
