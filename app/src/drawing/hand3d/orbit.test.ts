import { looker, orbitOf, turned, zoomed } from './orbit';

const dot = (a: number[], b: number[]) => a.reduce((sum, value, i) => sum + value * b[i]!, 0);

describe('the orbit about a hand', () => {
  it('stands where the view’s camera stands, mirrored for a left hand', () => {
    const [right, up, eye] = looker(orbitOf('finger-side', 'right'));
    expect(eye![2]).toBeGreaterThan(0.99);
    // The tip of a right hand's bow is to the right of the fingers' side.
    expect(right![0]).toBeGreaterThan(0.99);
    expect(up![1]).toBeGreaterThan(0.99);
    const [, , profile] = looker(orbitOf('profile', 'right'));
    const [, , other] = looker(orbitOf('profile', 'left'));
    expect(profile![0]).toBeLessThan(-0.9);
    expect(other![0]).toBeCloseTo(-profile![0]!, 9);
  });

  it('has three directions that stand square to each other', () => {
    for (const view of ['thumb-side', 'player-eye', 'profile'] as const) {
      const axes = looker(orbitOf(view, 'right'));
      axes.forEach((a, i) =>
        axes.forEach((b, k) => expect(dot(a, b)).toBeCloseTo(i === k ? 1 : 0, 9)),
      );
    }
  });

  it('turns all the way round but never on its head, and zooms within reason', () => {
    const start = orbitOf('finger-side', 'right');
    expect(turned(start, 360, 0).yawDeg).toBeCloseTo(start.yawDeg, 9);
    expect(turned({ ...start, yawDeg: 170 }, 20, 0).yawDeg).toBeCloseTo(-170, 9);
    expect(turned(start, 0, 500).pitchDeg).toBe(85);
    expect(zoomed(start, 100).zoom).toBe(3);
    expect(zoomed(start, 0.001).zoom).toBe(0.6);
  });
});
