import {
  AmbientLight,
  BoxGeometry,
  BufferAttribute,
  BufferGeometry,
  CylinderGeometry,
  DirectionalLight,
  Group,
  HemisphereLight,
  LessEqualDepth,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
  Scene,
  type Material,
} from 'three';
import type { BowSolids } from './bowSolids';
import type { HandMesh } from '@open-palm/core/portrait';

/** Colours of the drawn hand and bow. */
export interface SceneInks {
  skin: string;
  ghost: string;
  wood: string;
  frog: string;
  leather: string;
  winding: string;
  metal: string;
  hair: string;
}

/** The hand on its bow, lit. `ghost` is the hand that the hold wants, seen through. */
export function buildScene(
  hand: HandMesh,
  ghost: HandMesh | null,
  bow: BowSolids,
  inks: SceneInks,
): Scene {
  const scene = new Scene();
  scene.add(new AmbientLight('#ffffff', 0.7), new HemisphereLight('#fffaf0', '#8d8577', 1.4));
  const window = new DirectionalLight('#fff3df', 2);
  window.position.set(120, 320, 260);
  const lamp = new DirectionalLight('#fff7ea', 0.8);
  lamp.position.set(-200, -160, -220);
  scene.add(window, lamp);
  scene.add(buildBow(bow, inks));
  scene.add(buildHand(hand, new MeshStandardMaterial({ color: inks.skin, roughness: 0.65 })));
  if (ghost) addGhost(scene, ghost, inks.ghost);
  return scene;
}

/** A hand seen through: first its depth alone, then its nearest skin, so that limbs do not darken each other. */
function addGhost(scene: Scene, ghost: HandMesh, color: string): void {
  const depth = buildHand(ghost, new MeshBasicMaterial({ colorWrite: false }));
  const material = new MeshStandardMaterial({
    color,
    transparent: true,
    opacity: 0.4,
    roughness: 0.9,
    depthFunc: LessEqualDepth,
  });
  const skin = buildHand(ghost, material);
  depth.renderOrder = 1;
  skin.renderOrder = 2;
  scene.add(depth, skin);
}

function buildHand({ places, triangles }: HandMesh, material: Material): Mesh {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(places, 3));
  geometry.setIndex(new BufferAttribute(triangles, 1));
  geometry.computeVertexNormals();
  return new Mesh(geometry, material);
}

function buildBow(bow: BowSolids, inks: SceneInks): Group {
  const group = new Group();
  const paint = (color: string, roughness = 0.5, metalness = 0) =>
    new MeshStandardMaterial({ color, roughness, metalness });
  const rod = (from: number, to: number, radius: number, sides: number, material: Material) => {
    const geometry = new CylinderGeometry(radius, radius, to - from, sides);
    if (sides === 8) geometry.rotateY(Math.PI / 8);
    geometry.rotateZ(-Math.PI / 2);
    const mesh = new Mesh(geometry, material);
    mesh.position.x = (from + to) / 2;
    group.add(mesh);
  };
  const box = (
    x: readonly [number, number],
    y: readonly [number, number],
    depth: number,
    material: Material,
  ) => {
    const mesh = new Mesh(new BoxGeometry(x[1] - x[0], y[1] - y[0], depth), material);
    mesh.position.set((x[0] + x[1]) / 2, (y[0] + y[1]) / 2, 0);
    group.add(mesh);
  };
  const { stickRadius: r, frogLength, frogTop, frogBottom, frogDepth } = bow;
  rod(bow.stickFrom, -frogLength - 1, r * 0.95, 24, paint(inks.metal, 0.35, 0.4));
  rod(-frogLength - 1, bow.windingTo, r, 8, paint(inks.wood, 0.4));
  rod(bow.windingTo, bow.stickTo, r, 24, paint(inks.wood, 0.4));
  rod(2, bow.gripTo, r + 0.8, 24, paint(inks.leather, 0.85));
  rod(bow.gripTo, bow.windingTo, r + 0.5, 24, paint(inks.winding, 0.5, 0.2));
  box([-frogLength, -9], [frogBottom, frogTop], frogDepth, paint(inks.frog, 0.45));
  box([-9, 0], [frogTop - 5, frogTop], frogDepth - 3, paint(inks.frog, 0.45));
  box([-9, 3], [frogBottom, frogBottom + 7], frogDepth + 1, paint(inks.metal, 0.35, 0.4));
  box([3, bow.stickTo], [frogBottom + 1.5, frogBottom + 3], frogDepth - 3, paint(inks.hair, 0.9));
  return group;
}

/** Gives back what a scene holds on the graphics side. */
export function disposeScene(scene: Scene): void {
  scene.traverse((part) => {
    if (!(part instanceof Mesh)) return;
    part.geometry.dispose();
    (part.material as Material).dispose();
  });
}
