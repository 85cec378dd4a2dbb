import type { BowBody } from '../bow/bowBody';
import { bowParts, pencilParts, type BowFace, type BowPart, type BowStuff } from './bowFaces';
import { emptyBuffer, raster, type Buffer } from './raster';
import { project, type Sight } from './sight';
import { covered } from './fields';
import { traced, type Tracing } from './trace';

/** Faces of the bow of one material and tone, drawn in this order. */
export interface BowStroke {
  stuff: BowStuff;
  /** 0 in shade, 1, 2 toward the light. */
  tone: 0 | 1 | 2;
  path: string;
}

/** A bow as filled faces and the line round it. */
export interface BowDrawing {
  faces: BowStroke[];
  outline: string;
}

/** What is held, and where the hand is on it. */
export interface Held {
  bow: BowBody;
  thing: 'bow' | 'pencil';
  /** How far up the stick the hand has gone, mm: the drawing goes with the hand. */
  upMm: number;
}

/** The parts so that what lies nearer comes later, with the places of their corners along the stick. */
function inOrder({ bow, thing, upMm }: Held, sight: Sight, isClose: boolean): BowPart[] {
  if (thing === 'pencil') return pencilParts(bow).map((part) => moved(part, -upMm));
  const { below, above } = bowParts(bow, isClose);
  // The stick and what is under it are parted by a plane; the eye is on one side of it.
  const eyeY = sight.at[1] + sight.eyeMm * sight.toward[1];
  const parts = eyeY > bow.frog.topMm ? [...below, ...above] : [...above, ...below];
  return parts.map((part) => moved(part, -upMm));
}

const moved = ({ faces }: BowPart, byMm: number): BowPart =>
  byMm === 0
    ? { faces }
    : {
        faces: faces.map(({ stuff, corners }) => ({
          stuff,
          corners: corners.map((value, i) => (i % 3 === 0 ? value + byMm : value)),
        })),
      };

/** The bow as filled faces. */
export function bowDrawing(
  held: Held,
  sight: Sight,
  buffer: Buffer,
  near: Float32Array,
  tracing: Tracing,
  isClose: boolean,
): BowDrawing {
  const faces = inOrder(held, sight, isClose).flatMap((part) => {
    // Faces of one part do not cover each other, so those of one tone are drawn together.
    const strokes = new Map<string, BowStroke>();
    for (const { stuff, corners } of part.faces) {
      const seen = project(sight, corners);
      if (!facesEye(seen)) continue;
      const tone = toneOf(corners, sight);
      const stroke = strokes.get(`${stuff}${tone}`);
      if (stroke) stroke.path += pathOf(seen, tracing.perMm);
      else strokes.set(`${stuff}${tone}`, { stuff, tone, path: pathOf(seen, tracing.perMm) });
    }
    return [...strokes.values()];
  });
  const is = new Uint8Array(near.length);
  for (let i = 0; i < near.length; i += 1) if (near[i]! > 0) is[i] = 1;
  return { faces, outline: isClose ? traced(covered(buffer, is), tracing) : '' };
}

/** How near the bow is at each dot of a buffer; 0 where it is not. */
export function rasterBow(held: Held, sight: Sight, { dotMm }: Buffer): Float32Array {
  const buffer = emptyBuffer(sight.widthMm, sight.heightMm, dotMm);
  for (const { faces } of inOrder(held, sight, true)) {
    for (const { corners } of faces) {
      const triangles = fan(corners);
      raster(buffer, {
        places: project(sight, corners),
        triangles,
        parts: new Uint8Array(triangles.length / 3),
      });
    }
  }
  return buffer.near;
}

/** Triangles from the first corner; the frog's outline is nearly convex and its throat is where the hair side's own parts are. */
function fan({ length }: BowFace['corners']): number[] {
  return Array.from({ length: length / 3 - 2 }, (_, i) => [0, i + 1, i + 2]).flat();
}

function facesEye(seen: Float64Array): boolean {
  let sum = 0;
  for (let i = 0; i < seen.length; i += 3) {
    const j = (i + 3) % seen.length;
    sum += seen[i]! * seen[j + 1]! - seen[j]! * seen[i + 1]!;
  }
  return sum < 0;
}

/** Light from above and before. */
function toneOf(corners: Float64Array, { up, right, toward }: Sight): 0 | 1 | 2 {
  const [x, y, z] = normalOf(corners);
  const along = (axis: readonly [number, number, number]) =>
    x * axis[0] + y * axis[1] + z * axis[2];
  const light = 0.75 * along(up) + 0.5 * along(toward) - 0.3 * along(right);
  return light > 0.62 ? 2 : light > 0.15 ? 1 : 0;
}

/** Newell's normal of a flat face, of length 1. */
function normalOf(corners: Float64Array): [number, number, number] {
  const n: [number, number, number] = [0, 0, 0];
  for (let i = 0; i < corners.length; i += 3) {
    const j = (i + 3) % corners.length;
    for (let k = 0; k < 3; k += 1) {
      const [p, q] = [(k + 1) % 3, (k + 2) % 3];
      n[k]! += (corners[i + p]! - corners[j + p]!) * (corners[i + q]! + corners[j + q]!);
    }
  }
  const length = Math.hypot(...n);
  return [n[0] / length, n[1] / length, n[2] / length];
}

function pathOf(seen: Float64Array, perMm: number): string {
  const at = (i: number) =>
    [Math.round(seen[i]! * perMm), Math.round(seen[i + 1]! * perMm)] as const;
  let [x, y] = at(0);
  let path = `M${x} ${y}`;
  for (let i = 3; i < seen.length; i += 3) {
    const [nx, ny] = at(i);
    path += `l${nx - x} ${ny - y}`;
    [x, y] = [nx, ny];
  }
  return `${path}z`;
}
