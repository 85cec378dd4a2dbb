import { PerspectiveCamera, Vector3 } from 'three';
import fc from 'fast-check';
import { EYE_MM, project, sightFrom } from './sight';
import { stationOf } from './views';

describe('the eye', () => {
  it('sees places where the camera of a general library (three) does', () => {
    const station = { ...stationOf('playerEye', 'over'), level: false };
    const { toward, at, widthMm, heightMm } = station;
    const camera = new PerspectiveCamera(
      (2 * Math.atan(heightMm / 2 / EYE_MM) * 180) / Math.PI,
      widthMm / heightMm,
      1,
      5000,
    );
    camera.position
      .copy(new Vector3(...at))
      .addScaledVector(new Vector3(...toward).normalize(), EYE_MM);
    camera.lookAt(new Vector3(...at));
    camera.updateMatrixWorld(true);
    const coordinate = fc.double({ min: -150, max: 150, noNaN: true });
    fc.assert(
      fc.property(coordinate, coordinate, coordinate, (x, y, z) => {
        const [u, v] = project(sightFrom(station), Float64Array.of(x, y, z));
        const seen = new Vector3(x, y, z).project(camera);
        expect(u).toBeCloseTo(((seen.x + 1) / 2) * widthMm, 6);
        expect(v).toBeCloseTo(((1 - seen.y) / 2) * heightMm, 6);
      }),
    );
  });

  it('sees the stick level from the sides of fingers, thumb and player, its tip to the right but from the thumb’s side', () => {
    for (const [view, sense] of [
      ['fingerSide', 1],
      ['thumbSide', -1],
      ['playerEye', -1],
    ] as const) {
      const seen = project(
        sightFrom(stationOf(view, 'over')),
        Float64Array.of(-40, 0, 0, 60, 0, 0),
      );
      expect(Math.sign(seen[3]! - seen[0]!)).toBe(sense);
      expect(Math.abs(seen[4]! - seen[1]!)).toBeLessThan(4);
    }
  });
});
