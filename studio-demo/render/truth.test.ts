import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Vector3 } from 'three';
import { flexion2d, type HandPointName } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import {
  flexionTurn,
  hairTurn,
  measureCapture,
  PARALLAX_SD_U,
  SIDES,
  type Capture,
  type JointGroup,
  type NumberMeasure,
  type PointName,
} from '@open-palm/core/measure';
import { seededNormal } from '@open-palm/core/stats';
import { cameraFor, project, RENDERED_VIEWS, tiltDeg } from './cameras';
import { GRIPS } from './grips';
import { solveGrip } from './solveGrip';
import { truthOf, type PictureTruth } from './truth';

type Joint = readonly [JointGroup, PointName, HandPointName, HandPointName];

const JOINTS: readonly Joint[] = [
  ['thumb', 'thumbMcp', 'thumbIp', 'thumbTip'],
  ['thumb', 'thumbCmc', 'thumbMcp', 'thumbIp'],
  ['finger', 'littleMcp', 'littlePip', 'littleDip'],
  ['finger', 'littlePip', 'littleDip', 'littleTip'],
];

const poses = new Map(GRIPS.map((grip) => [grip.name, solveGrip(grip.target)]));
const STRAIGHT = { flexionDeg: 0, deviationDeg: 0 };

const pointOf = (truth: PictureTruth, name: PointName) => {
  const [x, y] = truth.points2d[name];
  return { x, y };
};

const measuredFlexion = (truth: PictureTruth, [group, a, b, c]: Joint): number | null => {
  const turn = flexionTurn(group, truth.view, truth.side);
  return turn === null
    ? null
    : flexion2d(pointOf(truth, a), pointOf(truth, b), pointOf(truth, c), turn);
};

/** Clicks with this doubt; what a person could not see is left out by its view. */
function captureOf(truth: PictureTruth, sigma: number): Capture {
  const points: Capture['points'] = {};
  for (const name of Object.keys(truth.points2d) as PointName[]) {
    points[name] = { ...pointOf(truth, name), sigma };
  }
  const { view, side, image, frogLengthMm } = truth;
  return { view, side, image, points, frogLength: { mm: frogLengthMm, sdMm: 0.5 } };
}

describe.each(SIDES)('the sign table for a %s hand', (side) => {
  it.each(JOINTS)(
    '%s: clearly bent %s–%s–%s reads positive wherever it can be read',
    (...joint) => {
      let rows = 0;
      for (const pose of poses.values()) {
        for (const view of RENDERED_VIEWS) {
          const truth = truthOf(pose, STRAIGHT, view, side);
          const measured = measuredFlexion(truth, joint);
          if (measured === null || truth.trueFlexionDeg[joint[2]]! < 20) continue;
          expect(measured).toBeGreaterThan(0);
          rows += 1;
        }
      }
      // The MCP of the thumb is clearly bent in one of the holds only.
      expect(rows).toBeGreaterThan(0);
    },
  );

  it.each([
    ['wristFlexion', 'profile', 'flexionDeg'],
    ['wristDeviation', 'player-eye', 'deviationDeg'],
  ] as const)('%s from %s grows with the wrist’s own bend', (group, view, bend) => {
    const joint: Joint = [group, 'forearm', 'wrist', 'middleMcp'];
    for (const pose of poses.values()) {
      const at = (deg: number) =>
        measuredFlexion(truthOf(pose, { ...STRAIGHT, [bend]: deg }, view, side), joint)!;
      expect(at(20) - at(-20)).toBeGreaterThan(15);
    }
  });

  it('knows on which side of the stick the hair lies, in every view that shows it', () => {
    for (const view of RENDERED_VIEWS) {
      const turn = hairTurn(view, side);
      if (turn === null) continue;
      const truth = truthOf(poses.get('settled')!, STRAIGHT, view, side);
      const [hand, tip, frog] = (['stickHandEnd', 'stickTipEnd', 'frogFront'] as const).map((n) =>
        pointOf(truth, n),
      );
      const cross =
        (tip!.x - hand!.x) * (frog!.y - hand!.y) - (tip!.y - hand!.y) * (frog!.x - hand!.x);
      expect(Math.sign(cross)).toBe(turn);
    }
  });
});

describe('the committed pictures', () => {
  const folder = join(__dirname, '../pictures');
  const files = readdirSync(folder).filter((file) => file.endsWith('.json'));
  const truths = files.map(
    (file) => JSON.parse(readFileSync(join(folder, file), 'utf8')) as PictureTruth,
  );

  it('are what the generator makes today', () => {
    const made = GRIPS.flatMap((grip) =>
      grip.views.map((view) => [
        `${grip.name}.${view}.json`,
        truthOf(poses.get(grip.name)!, grip.wristBend, view, 'right').points2d,
      ]),
    );
    for (const [file, points2d] of made as [string, PictureTruth['points2d']][]) {
      const committed = truths[files.indexOf(file)]!.points2d;
      for (const name of Object.keys(points2d) as PointName[]) {
        expect(committed[name][0]).toBeCloseTo(points2d[name][0], 0);
        expect(committed[name][1]).toBeCloseTo(points2d[name][1], 0);
      }
    }
    expect(made).toHaveLength(files.length);
  });

  it('give every joint that lies within 15° of the picture to 1°', () => {
    const errors: number[] = [];
    for (const truth of truths) {
      for (const joint of JOINTS) {
        const measured = measuredFlexion(truth, joint);
        const flat = [joint[2], joint[3]].every((name) => truth.tiltDeg[name]! < 15);
        if (measured !== null && flat) {
          errors.push(Math.abs(measured - truth.trueFlexionDeg[joint[2]]!));
        }
      }
    }
    expect(errors.length).toBeGreaterThanOrEqual(2);
    expect(Math.max(...errors)).toBeLessThan(1);
  });

  it('have doubts that cover 95 % ± 3 of simulated clicks', () => {
    const normal = seededNormal(20);
    const hold = holdById('violin-shallow');
    const sigma = 4;
    let covered = 0;
    let all = 0;
    for (const truth of truths) {
      const exact = captureOf(truth, sigma);
      const trueValues = new Map(measureCapture(exact, hold).measures.map((m) => [m.id, m.value]));
      for (let draw = 0; draw < 150; draw += 1) {
        const clicked = structuredClone(exact);
        for (const point of Object.values(clicked.points)) {
          point.x += sigma * normal();
          point.y += sigma * normal();
        }
        clicked.frogLength.mm += clicked.frogLength.sdMm * normal();
        for (const measure of measureCapture(clicked, hold).measures as NumberMeasure[]) {
          const trueValue = trueValues.get(measure.id);
          if (typeof trueValue !== 'number') continue;
          // Depths carry a doubt about parallax as well, which clicks do not make.
          const parallaxSd = measure.unit === 'u' ? PARALLAX_SD_U : 0;
          const clickSd = Math.sqrt(measure.sd ** 2 - parallaxSd ** 2);
          all += 1;
          if (Math.abs(measure.value - trueValue) <= 1.96 * clickSd) covered += 1;
        }
      }
    }
    expect(all).toBeGreaterThan(5000);
    expect(covered / all).toBeGreaterThan(0.92);
    expect(covered / all).toBeLessThan(0.98);
  });
});

describe('a joint seen squarely', () => {
  it('reads its true bend when the camera looks along its hinge', () => {
    // Our own check of forward kinematics, projection and flexion together, for every joint and hold.
    for (const grip of GRIPS) {
      const truth = truthOf(poses.get(grip.name)!, STRAIGHT, 'finger-side', 'right');
      for (const [, a, b, c] of JOINTS) {
        const [pa, pb, pc] = [a, b, c].map((n) => new Vector3(...truth.joints3dMm[n]!));
        const hinge = pb!.clone().sub(pa!).cross(pc!.clone().sub(pb!)).normalize();
        const camera = cameraFor('finger-side');
        camera.position.copy(pb!).addScaledVector(hinge, -700);
        camera.up.copy(pb!.clone().sub(pa!).normalize());
        camera.lookAt(pb!);
        camera.updateMatrixWorld(true);
        expect(tiltDeg(camera, pa!, pb!)).toBeLessThan(3);
        const [qa, qb, qc] = [pa!, pb!, pc!].map((p) => project(camera, p));
        const size = Math.abs(flexion2d(qa!, qb!, qc!, 1));
        expect(size).toBeCloseTo(Math.abs(truth.trueFlexionDeg[b as HandPointName]!), 0);
      }
    }
  });
});
