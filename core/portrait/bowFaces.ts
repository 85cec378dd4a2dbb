import { LEATHER_MM, type BowBody } from '../bow/bowBody';

/** What a face of the bow is made of. */
export type BowStuff =
  'wood' | 'frog' | 'metal' | 'leather' | 'winding' | 'hair' | 'pearl' | 'paint' | 'graphite';

/** A flat convex or star-shaped face, counter-clockwise from outside: x, y, z of its corners, mm. */
export interface BowFace {
  stuff: BowStuff;
  corners: Float64Array;
}

/** One part of the bow: what of it is turned to the eye is drawn in the order of its faces. */
export interface BowPart {
  faces: BowFace[];
}

/** How far the stick is drawn, mm. */
const STICK_TO_MM = 330;
const OCTAGON = 8;
const ROUND = 16;
const FEW = 4;
const PENCIL = 6;

const face = (stuff: BowStuff, ...corners: (readonly [number, number, number])[]): BowFace => ({
  stuff,
  corners: Float64Array.from(corners.flat()),
});

/** A rod along x with so many sides, one of them upward. */
function rod(
  stuff: BowStuff,
  fromMm: number,
  toMm: number,
  radiusMm: number,
  sides: number,
  toRadiusMm = radiusMm,
): BowPart {
  const at = (x: number, i: number, r: number) => {
    const angle = ((2 * i + 1) / sides) * Math.PI;
    return [x, r * Math.cos(angle), r * Math.sin(angle)] as const;
  };
  const ring = Array.from({ length: sides }, (_, i) => i);
  return {
    faces: [
      face(stuff, ...ring.map((i) => at(fromMm, i, radiusMm)).reverse()),
      face(stuff, ...ring.map((i) => at(toMm, i, toRadiusMm))),
      ...ring.map((i) =>
        face(
          stuff,
          at(fromMm, i, radiusMm),
          at(fromMm, i + 1, radiusMm),
          at(toMm, i + 1, toRadiusMm),
          at(toMm, i, toRadiusMm),
        ),
      ),
    ],
  };
}

/** An outline in the plane of stick and hair, as thick as told to both sides. */
function slab(
  stuff: BowStuff,
  outline: readonly (readonly [number, number])[],
  depthMm: number,
): BowPart {
  const z = depthMm / 2;
  const count = outline.length;
  return {
    faces: [
      ...outline.map((_, i) => {
        const [[ax, ay], [bx, by]] = [outline[i]!, outline[(i + 1) % count]!];
        return face(stuff, [ax, ay, z], [ax, ay, -z], [bx, by, -z], [bx, by, z]);
      }),
      face(stuff, ...outline.map(([x, y]) => [x, y, z] as const)),
      face(stuff, ...outline.map(([x, y]) => [x, y, -z] as const).reverse()),
    ],
  };
}

const box = (
  stuff: BowStuff,
  [x0, x1]: readonly [number, number],
  [y0, y1]: readonly [number, number],
  depthMm: number,
): BowPart =>
  slab(
    stuff,
    [
      [x0, y0],
      [x1, y0],
      [x1, y1],
      [x0, y1],
    ],
    depthMm,
  );

/** The frog from the side with its throat, counter-clockwise. */
function frogOutline({ frog, frogLengthMm, throatMm, ferruleLengthMm }: BowBody) {
  const { topMm: top, bottomMm: bottom } = frog;
  const front = -throatMm + ferruleLengthMm * 0.4;
  // A curve from above the ferrule into the throat and out to the tongue's tip.
  const [p0, p1, p2, p3] = [
    [front, bottom + 6.5],
    [-throatMm - 3, bottom + 8],
    [-throatMm - 3, top - 3.5],
    [0, top - 1.4],
  ] as const;
  const curve = Array.from({ length: 9 }, (_, i) => {
    const t = i / 8;
    const s = 1 - t;
    const mix = (k: 0 | 1) =>
      s ** 3 * p0[k] + 3 * s * s * t * p1[k] + 3 * s * t * t * p2[k] + t ** 3 * p3[k];
    return [mix(0), mix(1)] as const;
  });
  return [
    [-frogLengthMm, bottom + 3],
    [-frogLengthMm + 1, bottom + 1],
    [-frogLengthMm + 3, bottom],
    [front, bottom],
    ...curve,
    [0, top],
    [-frogLengthMm, top],
  ] as const;
}

/** The eye on one side of the frog. */
function eye(
  { frog, frogLengthMm, throatMm }: BowBody,
  side: 1 | -1,
  radius: number,
  stuff: BowStuff,
): BowFace {
  const [x, y] = [(-frogLengthMm - throatMm) / 2, (frog.topMm + frog.bottomMm) / 2];
  const corners = Array.from({ length: 14 }, (_, i) => {
    const angle = (side * 2 * Math.PI * i) / 14;
    return [
      x + radius * Math.cos(angle),
      y + radius * Math.sin(angle),
      (side * (frog.depthMm + 0.2)) / 2,
    ] as const;
  });
  return face(stuff, ...corners);
}

/** A thick pencil in the bow's place, its point where the tip would be. */
export function pencilParts({ stickRadiusMm, frogLengthMm }: BowBody): BowPart[] {
  const [from, to, r] = [-frogLengthMm, 78, stickRadiusMm + 0.6];
  return [
    rod('metal', from - 5, from, r * 0.98, PENCIL),
    rod('paint', from, to, r, PENCIL),
    rod('wood', to, to + 10, r, PENCIL, r * 0.3),
    rod('graphite', to + 10, to + 14, r * 0.3, PENCIL, 0.1),
  ];
}

/**
 * Below the stick and above it, each in the order in which it is drawn.
 *
 * @param isClose with all that is seen from nearby; else what a picture as small as a thumbnail shows
 */
export function bowParts(bow: BowBody, isClose: boolean): { below: BowPart[]; above: BowPart[] } {
  const { stickRadiusMm: r, frog, throatMm, ferruleLengthMm, hairYMm } = bow;
  const { stickFromMm: from, buttonLengthMm: button } = bow;
  const front = -throatMm;
  if (!isClose) {
    return {
      below: [
        box('hair', [front, STICK_TO_MM], [hairYMm - 1, hairYMm + 1], frog.depthMm - 2.5),
        box('frog', [-bow.frogLengthMm, front], [frog.bottomMm, frog.topMm], frog.depthMm),
      ],
      above: [
        rod('metal', from, from + button, r, FEW),
        rod('wood', from + button, bow.gripFromMm, r, FEW),
        rod('leather', bow.gripFromMm, bow.gripToMm, r + LEATHER_MM, FEW),
        rod('winding', bow.gripToMm, bow.windingToMm, r, FEW),
        rod('wood', bow.windingToMm, STICK_TO_MM, r, FEW),
      ],
    };
  }
  return {
    below: [
      box(
        'hair',
        [front + ferruleLengthMm, STICK_TO_MM],
        [hairYMm - 0.8, hairYMm + 0.8],
        frog.depthMm - 2.5,
      ),
      slab('frog', frogOutline(bow), frog.depthMm),
      {
        faces: ([1, -1] as const).flatMap((side) => [
          eye(bow, side, 4.6, 'metal'),
          eye(bow, side, 3.4, 'pearl'),
        ]),
      },
      box(
        'metal',
        [front, front + ferruleLengthMm],
        [frog.bottomMm, frog.bottomMm + 6.8],
        frog.depthMm + 0.6,
      ),
    ],
    above: [
      rod('metal', from, from + 4, r * 0.95, OCTAGON),
      rod('frog', from + 4, from + button - 4, r * 0.93, OCTAGON),
      rod('metal', from + button - 4, from + button, r * 0.97, OCTAGON),
      rod('wood', from + button, bow.windingToMm, r * 1.04, OCTAGON),
      rod('wood', bow.windingToMm, STICK_TO_MM, r, ROUND, r * 0.82),
      rod('winding', bow.gripToMm, bow.windingToMm, r + 0.5, ROUND),
      rod('leather', bow.gripFromMm, bow.gripToMm, r + LEATHER_MM, ROUND),
    ],
  };
}
