import fc from 'fast-check';
import { fitted, focused, inside, panned, toPicture, toScreen, zoomed } from './viewport';

const PICTURE = { width: 1200, height: 900 };
const BOX = { width: 390, height: 420 };

describe('viewport', () => {
  it('shows the whole picture across the width, in the middle', () => {
    expect(fitted(PICTURE, BOX)).toEqual({ scale: 0.325, x: 0, y: 63.75 });
  });

  it('goes to the picture and back', () => {
    const viewport = zoomed(fitted(PICTURE, BOX), 3, { x: 100, y: 200 }, PICTURE, BOX);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1200 }), fc.integer({ min: 0, max: 900 }), (x, y) => {
        const back = toPicture(viewport, toScreen(viewport, { x, y }));
        expect(back.x).toBeCloseTo(x, 6);
        expect(back.y).toBeCloseTo(y, 6);
      }),
    );
  });

  it('keeps what is under the finger while zooming in', () => {
    const about = { x: 200, y: 210 };
    const start = fitted(PICTURE, BOX);
    const held = toPicture(start, about);
    const after = toScreen(zoomed(start, 2.5, about, PICTURE, BOX), held);
    expect(after.x).toBeCloseTo(about.x, 6);
    expect(after.y).toBeCloseTo(about.y, 6);
  });

  it('never loses the picture, however one zooms and pans', () => {
    const step = fc.record({
      factor: fc.double({ min: 0.2, max: 5, noNaN: true }),
      x: fc.integer({ min: -2000, max: 2000 }),
      y: fc.integer({ min: -2000, max: 2000 }),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
        let viewport = fitted(PICTURE, BOX);
        for (const { factor, x, y } of steps) {
          viewport = zoomed(viewport, factor, { x: 195, y: 210 }, PICTURE, BOX);
          viewport = panned(viewport, { x, y }, PICTURE, BOX);
        }
        const least = fitted(PICTURE, BOX).scale;
        expect(viewport.scale).toBeGreaterThanOrEqual(least - 1e-9);
        expect(viewport.scale).toBeLessThanOrEqual(least * 8 + 1e-9);
        expect(viewport.x).toBeLessThanOrEqual(
          1e-6 + Math.max(0, (BOX.width - 1200 * viewport.scale) / 2),
        );
        expect(viewport.x + 1200 * viewport.scale).toBeGreaterThanOrEqual(BOX.width - 1e-6);
      }),
    );
  });

  it('brings a place back into the picture', () => {
    expect(inside({ x: -4, y: 1000 }, PICTURE)).toEqual({ x: 0, y: 900 });
  });
});

describe('focused', () => {
  const picture = { width: 1200, height: 900 };
  const box = { width: 390, height: 292.5 };

  it('shows a place in the middle, nearer than the whole picture', () => {
    const viewport = focused([{ x: 600, y: 450 }], picture, box);
    expect(viewport.scale).toBeCloseTo(2.8 * fitted(picture, box).scale, 6);
    expect(toScreen(viewport, { x: 600, y: 450 })).toEqual({ x: 195, y: 146.25 });
  });

  it('keeps all places in the box with room around them, and the picture’s edge at its own', () => {
    const places = [
      { x: 20, y: 30 },
      { x: 400, y: 500 },
    ];
    const viewport = focused(places, picture, box);
    for (const place of places) {
      const { x, y } = toScreen(viewport, place);
      expect(Math.min(x, y)).toBeGreaterThan(0);
      expect(x).toBeLessThan(box.width);
      expect(y).toBeLessThan(box.height);
    }
    expect([viewport.x, viewport.y]).toEqual([0, 0]);
  });

  it('shows the whole picture where the places lie far apart', () => {
    const viewport = focused(
      [
        { x: 0, y: 0 },
        { x: 1200, y: 900 },
      ],
      picture,
      box,
    );
    expect(viewport).toEqual(fitted(picture, box));
  });
});
