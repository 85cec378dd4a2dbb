import {
  BoxGeometry,
  CylinderGeometry,
  ExtrudeGeometry,
  Group,
  Mesh,
  MeshStandardMaterial,
  Shape,
  TorusGeometry,
  type BufferGeometry,
} from 'three';
import type { BowModel } from '../bowModel';

const paint = (color: string, roughness: number, metalness = 0) =>
  new MeshStandardMaterial({ color, roughness, metalness });

/** What the coloured parts of a bow are made of. */
interface Materials {
  wood: MeshStandardMaterial;
  frog: MeshStandardMaterial;
  metal: MeshStandardMaterial;
  winding: MeshStandardMaterial;
}

const materialsOf = ({ paint: { wood, frog, metal, winding } }: BowModel): Materials => ({
  wood: paint(wood, 0.35),
  frog: paint(frog, 0.4),
  metal: paint(metal, 0.28, 0.55),
  winding: paint(winding, 0.35, 0.4),
});

const PEARL = paint('#e9e4da', 0.22);
const LEATHER = paint('#2e251e', 0.8);
const HAIR = paint('#efe7d3', 0.9);

/** A rendered bow in its own frame: x toward the tip, hair toward −y. */
export function buildBow(model: BowModel): Group {
  const bow = new Group();
  const put = (geometry: BufferGeometry, material: MeshStandardMaterial) => {
    const mesh = new Mesh(geometry, material);
    mesh.castShadow = true;
    mesh.receiveShadow = true;
    bow.add(mesh);
    return mesh;
  };
  /** A rod along x, round or with eight facets. */
  const rod = (
    [fromMm, toMm]: readonly [number, number],
    [handRadiusMm, tipRadiusMm]: readonly [number, number],
    sides: number,
    material: MeshStandardMaterial,
  ) => {
    const geometry = new CylinderGeometry(tipRadiusMm, handRadiusMm, toMm - fromMm, sides);
    if (sides === 8) geometry.rotateY(Math.PI / 8);
    geometry.rotateZ(-Math.PI / 2);
    put(geometry, material).position.x = (fromMm + toMm) / 2;
  };
  const ring = (x: number, radiusMm: number, thickMm: number, material: MeshStandardMaterial) => {
    const torus = put(new TorusGeometry(radiusMm, thickMm, 8, 28), material);
    torus.rotation.y = Math.PI / 2;
    torus.position.x = x;
  };
  const materials = materialsOf(model);
  addStick(model, materials, rod, ring);
  addFrog(model, materials, put);
  const { hairYMm, stickToMm, frog } = model;
  const hair = put(new BoxGeometry(stickToMm + 4, 1.3, frog.depthMm - 2.5), HAIR);
  hair.position.set((stickToMm - 4) / 2, hairYMm, 0);
  return bow;
}

type Rod = (
  along: readonly [number, number],
  radii: readonly [number, number],
  sides: number,
  material: MeshStandardMaterial,
) => void;

/** Button with its two metal rings and an ebony between, the octagon, the grip, the winding, the round stick. */
function addStick(
  {
    stickFromMm,
    buttonLengthMm,
    stickRadiusMm: r,
    gripFromMm,
    gripToMm,
    windingToMm,
    stickToMm,
  }: BowModel,
  { wood, frog: ebony, metal, winding }: Materials,
  rod: Rod,
  ring: (x: number, radiusMm: number, thickMm: number, material: MeshStandardMaterial) => void,
): void {
  const woodFromMm = stickFromMm + buttonLengthMm;
  rod([stickFromMm, stickFromMm + 4], [r * 0.92, r * 0.97], 8, metal);
  rod([stickFromMm + 4, woodFromMm - 4], [r * 0.93, r * 0.93], 8, ebony);
  rod([woodFromMm - 4, woodFromMm], [r * 0.97, r * 0.97], 8, metal);
  rod([woodFromMm, windingToMm], [r * 1.04, r * 1.02], 8, wood);
  rod([windingToMm, stickToMm], [r, r * 0.63], 24, wood);
  rod([gripFromMm, gripToMm], [r + 0.9, r + 0.8], 28, LEATHER);
  ring(gripFromMm + 0.4, r + 0.4, 0.6, LEATHER);
  for (let x = gripToMm + 1; x < windingToMm; x += 1.6) ring(x, r + 0.1, 0.8, winding);
}

/** The frog's body with its rounded throat, the ferrule, the slide and the eye. */
function addFrog(
  { frog, frogLengthMm, throatMm, ferruleLengthMm }: BowModel,
  { frog: ebony, metal }: Materials,
  put: (geometry: BufferGeometry, material: MeshStandardMaterial) => Mesh,
): void {
  const { topMm: top, bottomMm: bottom, depthMm: depth } = frog;
  const front = -throatMm;
  const body = new Shape();
  // From the heel along the underside to the ferrule, round the throat to the tongue's tip, and back under the stick.
  body.moveTo(-frogLengthMm, top);
  body.lineTo(-frogLengthMm, bottom + 3);
  body.quadraticCurveTo(-frogLengthMm, bottom, -frogLengthMm + 3, bottom);
  body.lineTo(front + ferruleLengthMm * 0.4, bottom);
  body.lineTo(front + ferruleLengthMm * 0.4, bottom + 6.5);
  body.bezierCurveTo(front - 3, bottom + 8, front - 3, top - 3.5, 0, top - 1.4);
  body.lineTo(0, top);
  body.lineTo(-frogLengthMm, top);
  const bevel = 0.8;
  const geometry = new ExtrudeGeometry(body, {
    depth: depth - 2 * bevel,
    bevelEnabled: true,
    bevelSize: bevel * 0.4,
    bevelThickness: bevel,
    bevelSegments: 3,
    curveSegments: 20,
  });
  geometry.translate(0, 0, -depth / 2 + bevel);
  put(geometry, ebony);
  const ferrule = put(new BoxGeometry(ferruleLengthMm, 6.5, depth), metal);
  ferrule.position.set(front + ferruleLengthMm / 2, bottom + 3.4, 0);
  const slide = put(new BoxGeometry(frogLengthMm - throatMm - 3, 0.7, depth - 4), PEARL);
  slide.position.set((-frogLengthMm - throatMm) / 2, bottom - 0.2, 0);
  const heel = put(new BoxGeometry(2.5, 9, depth - 3), metal);
  heel.position.set(-frogLengthMm + 0.2, bottom + 6, 0);
  const middle = (-frogLengthMm + front) / 2;
  for (const side of [-1, 1]) {
    const eye = put(new CylinderGeometry(3, 3, 0.5, 32), PEARL);
    eye.rotation.x = Math.PI / 2;
    eye.position.set(middle, (top + bottom) / 2, (side * depth) / 2);
    const ring = put(new TorusGeometry(4.6, 0.5, 8, 36), metal);
    ring.position.set(middle, (top + bottom) / 2, (side * depth) / 2);
  }
}
