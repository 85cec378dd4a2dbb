import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Vector3 } from 'three';
import { holdById } from '@open-palm/core/holds';
import {
  measureCapture,
  PARALLAX_SD_U,
  type Capture,
  type NumberMeasure,
  type PointName,
} from '@open-palm/core/measure';
import { seededNormal } from '@open-palm/core/stats';
import { cameraFor } from './cameras';
import { JOINTS, measuredFlexion, pointOf, rendered, type Joint } from './testing/truthJoints';
import { truthOf, type PictureTruth } from './truth';

/** Clicks with this doubt; what a person could not see is left out by its view. */
function captureOf(truth: PictureTruth, sigma: number): Capture {
  const points: Capture['points'] = {};
  for (const name of Object.keys(truth.points2d) as PointName[]) {
    points[name] = { ...pointOf(truth, name), sigma };
  }
  const { view, side, image, frogLengthMm } = truth;
  return { view, side, image, points, frogLength: { mm: frogLengthMm, sdMm: 0.5 } };
}

describe('the committed pictures', () => {
  const folder = join(__dirname, '../pictures');
  const files = readdirSync(folder).filter((file) => file.endsWith('.json'));
  const truths = files.map(
    (file) => JSON.parse(readFileSync(join(folder, file), 'utf8')) as PictureTruth,
  );

  it('are what the generator makes today', () => {
    const made = rendered.flatMap(({ grip, pose }) =>
      grip.views.map((view) => [
        `${grip.name}.${view}.json`,
        truthOf(grip, pose, view, 'right').points2d,
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

  /** How far the camera looks past the hinge of a joint, degrees: the plane of its two bones seen askew. */
  function offHinge(truth: PictureTruth, [, a, b, c]: Joint): number {
    const [pa, pb, pc] = [a, b, c].map((name) => new Vector3(...truth.joints3dMm[name]!));
    const hinge = pb!.clone().sub(pa!).cross(pc!.clone().sub(pb!)).normalize();
    const sight = pb!.clone().sub(cameraFor(truth.view, truth.side === 'left').position);
    return (Math.acos(Math.abs(hinge.dot(sight.normalize()))) * 180) / Math.PI;
  }

  /** The angle between a joint's two bones in space, degrees. */
  function bendOf(truth: PictureTruth, [, a, b, c]: Joint): number {
    const [pa, pb, pc] = [a, b, c].map((name) => new Vector3(...truth.joints3dMm[name]!));
    return (pb!.clone().sub(pa!).angleTo(pc!.clone().sub(pb!)) * 180) / Math.PI;
  }

  it('give every joint whose bones lie flat and whose hinge is looked along to 1.5°', () => {
    const errors: number[] = [];
    for (const truth of truths) {
      for (const joint of JOINTS) {
        const measured = measuredFlexion(truth, joint);
        const flat = [joint[2], joint[3]].every((name) => truth.tiltDeg[name]! < 15);
        if (measured === null || !flat || offHinge(truth, joint) > 15) continue;
        errors.push(Math.abs(Math.abs(measured) - bendOf(truth, joint)));
      }
    }
    expect(errors.length).toBeGreaterThanOrEqual(3);
    expect(Math.max(...errors)).toBeLessThan(1.5);
  });

  it('have doubts that cover 95 % ± 3 of simulated clicks', () => {
    const normal = seededNormal(20);
    const hold = holdById('violin-shallow');
    const sigma = 4;
    let covered = 0;
    let all = 0;
    for (const truth of truths) {
      const exact = captureOf(truth, sigma);
      const trueValues = new Map(
        measureCapture(exact, hold).measures.map((m) => [m.id, m.kind === 'number' && m.value]),
      );
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
