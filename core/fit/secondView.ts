import { SIGHTS, VIEWS, type View } from '../measure';
import { HAND_POINTS, type HandPointName } from '../hand';
import { apartDeg, nominalTurn } from './camera/nominalCamera';
import { lensOf, project } from './camera/projection';
import type { FitProblem } from './fitProblem';
import type { FitState } from './fitState';
import type { FittedJoint } from './fittedGeometry';
import { FITTED_JOINTS } from './fittedMeasures';
import { CAMERA_UNKNOWNS, cameraFirst, firstOf, RAY, type Ray } from './hand/layout';
import { POINT_COLUMNS } from './hand/poseSkeleton';
import { factorise, inverseForm } from './minimise/cholesky';
import { NormalEquations } from './minimise/normalEquations';

/** What another picture from a view would leave of the doubt. */
export interface SecondView {
  view: View;
  /** Mean SD of the judged joints that would be told, degrees. */
  meanSdDeg: number;
}

/** The joints whose doubt is to fall. */
const JUDGED: readonly (readonly [FittedJoint, Ray, number])[] = [
  ['thumbMcp', 'thumb', RAY.second],
  ['thumbIp', 'thumb', RAY.third],
  ['indexPip', 'index', RAY.second],
  ['middlePip', 'middle', RAY.second],
  ['ringPip', 'ring', RAY.second],
  ['littlePip', 'little', RAY.second],
];

/** Doubt of a click in a picture that was not taken yet, mm at the hand. [memory] */
const CLICK_SD_MM = 1.5;
/** A joint whose points the view hides keeps at least this SD: it would have to be guessed. [memory] */
const HIDDEN_SD_DEG = 25;
/** Views that lie this near to the present one cannot tell bent toward the camera from bent away, degrees. [memory] */
export const APART_ENOUGH_DEG = 45;

/** Points that a view usually shows: the thumb hides behind the stick, the fingers behind the hand. */
function shows(view: View, name: HandPointName): boolean {
  const sight = name.startsWith('thumb') ? SIGHTS.thumbBend : SIGHTS.fingerBend;
  const reason = (sight.blind as Partial<Record<View, string>>)[view];
  return (
    name.endsWith('Mcp') ||
    name === 'wrist' ||
    !['hidden', 'tooSmall', 'outOfFrame'].includes(reason ?? '')
  );
}

/**
 * Which further picture would help most: for every view that looks from elsewhere, the doubt that would be left if its
 * points were clicked as well, by adding what they would tell to what the present pictures tell.
 *
 * @returns best first; empty when no view lies far enough from the present ones
 */
export function secondViews(problem: FitProblem, state: FitState): SecondView[] {
  const count = problem.pictures.length;
  const size = cameraFirst(count + 1);
  const present = new NormalEquations(problem.size);
  problem.linearise(state, present);
  return VIEWS.filter((view) =>
    state.cameras.every((camera) => apartDeg(camera, nominalTurn(view)) >= APART_ENOUGH_DEG),
  )
    .map((view) => {
      const equations = widened(present, size);
      addView(equations, problem, state, view);
      const factor = new Float64Array(size * size);
      factorise(equations.matrix, new Float64Array(size), size, factor);
      const sds = JUDGED.map(([joint, ray, offset]) => {
        const slope = new Float64Array(size);
        slope[firstOf(ray) + offset] = 180 / Math.PI;
        const sd = Math.sqrt(inverseForm(factor, size, slope));
        const { points } = FITTED_JOINTS.find(({ id }) => id === joint)!;
        const isSeen = points.every(
          (name) =>
            shows(view, name) ||
            problem.pictures.some((p) => p.points.some((q) => q.name === name)),
        );
        return isSeen ? Math.min(sd, HIDDEN_SD_DEG) : HIDDEN_SD_DEG;
      });
      return { view, meanSdDeg: sds.reduce((sum, sd) => sum + sd, 0) / sds.length };
    })
    .sort((a, b) => a.meanSdDeg - b.meanSdDeg);
}

/** The same equations with room for one more camera, about which its view's belief is all that is known. */
function widened({ matrix, size: old }: NormalEquations, size: number): NormalEquations {
  const equations = new NormalEquations(size);
  for (let row = 0; row < old; row += 1) {
    equations.matrix.set(matrix.subarray(row * old, row * old + row + 1), row * size);
  }
  for (let i = 0; i < CAMERA_UNKNOWNS; i += 1) {
    // Unknowns of a camera that is only imagined: any scale of doubt far beyond what its points will tell.
    equations.addSingle(0, old + i, 1e-2);
  }
  return equations;
}

function addView(
  equations: NormalEquations,
  problem: FitProblem,
  state: FitState,
  view: View,
): void {
  const { at, entries } = problem.pose(state, true);
  const first = cameraFirst(problem.pictures.length);
  // Pixels of a millimetre, so that the click's doubt is told in mm.
  const lens = { ...lensOf(state, 0), turn: nominalTurn(view), scale: 1, across: 0, down: 0 };
  HAND_POINTS.forEach((name, point) => {
    if (!shows(view, name)) return;
    const { xBy, yBy, xByCamera, yByCamera } = project(
      lens,
      at[3 * point]!,
      at[3 * point + 1]!,
      at[3 * point + 2]!,
    );
    const columns = [...POINT_COLUMNS[point]!, ...[...xByCamera].map((_, i) => first + i)];
    const row = (by: readonly [number, number, number], camera: Float64Array) => [
      ...[...POINT_COLUMNS[point]!].map(
        (_, i) =>
          (by[0] * entries[point]![3 * i]! +
            by[1] * entries[point]![3 * i + 1]! +
            by[2] * entries[point]![3 * i + 2]!) /
          CLICK_SD_MM,
      ),
      ...[...camera].map((value) => value / CLICK_SD_MM),
    ];
    equations.add(0, { columns, entries: row(xBy, xByCamera) });
    equations.add(0, { columns, entries: row(yBy, yByCamera) });
  });
}
