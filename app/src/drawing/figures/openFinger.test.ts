import { drawBare } from '@open-palm/core/portrait';
import { FINGERS } from '@open-palm/core/hand';
import { alongFinger, openFinger } from './openFinger';

describe.each(FINGERS)('the drawn %s', (finger) => {
  const drawing = drawBare(openFinger(finger));
  const { at, uAt } = alongFinger(drawing, finger);

  it('lies in its picture from the tip to the base, tip down', () => {
    const [tip, base] = [at(0), at(3)];
    for (const { x, y } of [tip, base]) {
      expect(x).toBeGreaterThan(0.25 * drawing.width);
      expect(x).toBeLessThan(0.75 * drawing.width);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(drawing.height);
    }
    expect(tip.y - base.y).toBeGreaterThan(0.55 * drawing.height);
  });

  it('tells of every place along it the depth that was put there', () => {
    for (let u = 0; u <= 3; u += 0.1) expect(uAt(at(u).y)).toBeCloseTo(u, 6);
  });

  it('takes the nearest end for what lies beyond it', () => {
    expect(uAt(5000)).toBe(0);
    expect(uAt(-500)).toBe(3);
  });
});
