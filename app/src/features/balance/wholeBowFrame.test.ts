import fc from 'fast-check';
import { alongBow, drawnAt, tiltToward, wholeBowFrame } from './wholeBowFrame';

const bow = { frogFrontMm: 60, lengthMm: 745 };
const TIP = bow.lengthMm - bow.frogFrontMm;

const tilts = fc.double({ min: 0, max: 90, noNaN: true });
const thumbs = fc.double({ min: -20, max: 180, noNaN: true });

describe('wholeBowFrame', () => {
  it('draws a level bow at its length, all of it inside', () => {
    const frame = wholeBowFrame(bow, 2, 0);
    expect(frame.scale).toBe(1);
    const [button, tip] = [drawnAt(frame, -60, 0), drawnAt(frame, TIP, 0)];
    expect(tip.x - button.x).toBeCloseTo(745, 9);
    expect(button.y).toBe(tip.y);
    expect(button.x).toBeGreaterThan(0);
    expect(tip.x).toBeLessThan(frame.width);
  });

  it('keeps the tip inside however far it is raised', () => {
    fc.assert(
      fc.property(tilts, thumbs, (tiltDeg, thumbMm) => {
        const frame = wholeBowFrame(bow, thumbMm, tiltDeg);
        const { x, y } = drawnAt(frame, TIP, 0);
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(frame.width);
        expect(y).toBeGreaterThan(0);
      }),
    );
  });

  it('finds the place of the bow again that was drawn somewhere', () => {
    fc.assert(
      fc.property(
        tilts,
        thumbs,
        fc.double({ min: -50, max: TIP, noNaN: true }),
        (tiltDeg, thumbMm, x) => {
          const frame = wholeBowFrame(bow, thumbMm, tiltDeg);
          const drawn = drawnAt(frame, x, 0);
          expect(alongBow(frame, drawn.x, drawn.y)).toBeCloseTo(x, 6);
        },
      ),
    );
  });

  it('turns the tip to where it is dragged, from level to upright', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 89, noNaN: true }), thumbs, (tiltDeg, thumbMm) => {
        const frame = wholeBowFrame(bow, thumbMm, tiltDeg);
        const { x, y } = drawnAt(frame, TIP, 0);
        expect(tiltToward(frame, x, y)).toBeCloseTo(tiltDeg, 6);
      }),
    );
    const frame = wholeBowFrame(bow, 2, 0);
    expect(tiltToward(frame, 400, frame.height)).toBe(0);
    expect(tiltToward(frame, 0, 0)).toBe(90);
  });
});
