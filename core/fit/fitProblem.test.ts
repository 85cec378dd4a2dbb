import { Matrix4, Object3D, PerspectiveCamera, Vector3 } from 'three';
import { HAND_POINTS } from '../hand';
import { seededNormal } from '../stats';
import { lensOf, CENTRE, show } from './camera/projection';
import { moveState, type FitState } from './fitState';
import { firstOf, PALM, RAY, RAYS, SIZE, TIPS, cameraFirst } from './hand/layout';
import { NormalEquations } from './minimise/normalEquations';
import { startOf } from './starts';
import { blankProblem } from './testing/inventedHand';

const problem = blankProblem('thumb-side', 'profile');

/** A state off everything that is usual. */
function anyState(seed: number): FitState {
  const normal = seededNormal(seed);
  const change = Float64Array.from({ length: problem.size }, (_, i) => {
    const isPlace = i < 3 || (i >= cameraFirst(0) && (i - cameraFirst(0)) % 11 >= 4);
    return (isPlace ? 5 : 0.15) * normal();
  });
  return moveState(startOf(problem, seed), change);
}

describe('the derivatives of a fit', () => {
  it('are those of finite differences, for every unknown', () => {
    for (const seed of [1, 7, 12]) {
      const state = anyState(seed);
      const equations = new NormalEquations(problem.size);
      expect(problem.linearise(state, equations)).toBeCloseTo(problem.cost(state), 6);
      for (let i = 0; i < problem.size; i += 1) {
        const step = new Float64Array(problem.size);
        step[i] = 1e-5;
        const up = problem.cost(moveState(state, step));
        step[i] = -1e-5;
        const down = problem.cost(moveState(state, step));
        const slope = (up - down) / 2e-5 / 2;
        const scale = 1 + Math.abs(slope);
        expect(Math.abs(equations.gradient[i]! - slope) / scale).toBeLessThan(2e-4);
      }
    }
  });
});

describe('a posed hand', () => {
  it("has its points where three's nested objects have them", () => {
    const state = anyState(3);
    const { at } = problem.pose(state);
    const root = new Object3D();
    root.position.set(state.values[0]!, state.values[1]!, state.values[2]!);
    root.quaternion.setFromRotationMatrix(matrixOf(state.turn));
    const size = Math.exp(state.values[SIZE]!);
    RAYS.forEach((ray, r) => {
      const { base, frame, bones } = problem.skeleton[ray];
      const value = (offset: number) => state.values[firstOf(ray) + offset]!;
      const joint = new Object3D();
      joint.position
        .set(base.x, base.y, base.z)
        .multiplyScalar(Math.exp(state.values[PALM]!))
        .add(new Vector3(value(0), value(1), value(2)))
        .multiplyScalar(size);
      joint.quaternion.setFromRotationMatrix(matrixOf(frame));
      joint.rotateZ(-value(RAY.spread)).rotateY(value(RAY.roll)).rotateX(value(RAY.flexion));
      root.add(joint);
      let parent = joint;
      const chain = [joint];
      bones.forEach((bone, i) => {
        const next = new Object3D();
        const tips = i === 2 ? state.values[TIPS]! : 0;
        next.position.set(0, size * bone * Math.exp(value(RAY.bones + i) + tips), 0);
        if (i === 0 && ray === 'thumb') next.rotateZ(-value(RAY.secondSpread));
        if (i === 0) next.rotateX(value(RAY.second));
        if (i === 0 && ray === 'thumb') next.rotateY(value(RAY.twist));
        if (i === 1) next.rotateX(value(RAY.third));
        parent.add(next);
        parent = next;
        chain.push(next);
      });
      root.updateMatrixWorld(true);
      chain.forEach((object, i) => {
        const wanted = object.getWorldPosition(new Vector3());
        const k = 3 * (1 + 4 * r + i);
        expect(new Vector3(at[k], at[k + 1], at[k + 2]).distanceTo(wanted)).toBeLessThan(1e-9);
      });
    });
  });

  it("shows where three's perspective camera shows it", () => {
    const state = anyState(5);
    const lens = lensOf(state, 0);
    const [width, height] = [1200, 900];
    // A camera at the lens's distance whose picture has the lens's scale at the centre.
    const fov = (2 * Math.atan(height / 2 / lens.scale / lens.distanceMm) * 180) / Math.PI;
    const camera = new PerspectiveCamera(fov, width / height, 1, 10000);
    const turn = matrixOf(lens.turn).transpose();
    camera.quaternion.setFromRotationMatrix(turn);
    camera.position
      .set(0, 0, lens.distanceMm)
      .applyMatrix4(turn)
      .add(new Vector3(...CENTRE));
    camera.updateMatrixWorld(true);
    const { at } = problem.pose(state);
    HAND_POINTS.forEach((_, i) => {
      const point = new Vector3(at[3 * i], at[3 * i + 1], at[3 * i + 2]);
      const seen = show(lens, point.x, point.y, point.z);
      const ndc = point.project(camera);
      expect(seen.x - lens.across).toBeCloseTo((ndc.x * width) / 2, 6);
      expect(seen.y - lens.down).toBeCloseTo((-ndc.y * height) / 2, 6);
    });
  });
});

// prettier-ignore
const matrixOf = (r: Float64Array) =>
  new Matrix4().set(
    r[0]!, r[1]!, r[2]!, 0,
    r[3]!, r[4]!, r[5]!, 0,
    r[6]!, r[7]!, r[8]!, 0,
    0, 0, 0, 1,
  );
