import fc from 'fast-check';
import { mat2d, vec2 } from 'gl-matrix';
import { InputError } from '../issue';
import { mmPerPixel } from './scale';
import { placeOnStick, stickAxis } from './stickAxis';

// Worked on squared paper: stick level at y = 100, frog's front edge at x = 200, 92 px of frog for 46 mm.
const LEVEL = {
  stickHandEnd: { x: 50, y: 100 },
  stickTipEnd: { x: 450, y: 100 },
  frogFront: { x: 200, y: 130 },
  frogBack: { x: 108, y: 130 },
};

describe('scale', () => {
  it('is the frog in millimetres over the frog in pixels', () => {
    expect(mmPerPixel({ x: 100, y: 0 }, { x: 192, y: 0 }, 46)).toBe(0.5);
    expect(mmPerPixel({ x: 0, y: 0 }, { x: 30, y: 40 }, 25)).toBe(0.5);
  });

  it('refuses a frog without length', () => {
    expect(() => mmPerPixel({ x: 1, y: 1 }, { x: 1, y: 1 }, 46)).toThrow('zeroLengthFrog');
  });
});

describe('places on the stick', () => {
  it('tells the worked point 20 mm toward the tip and 5 mm to the hand side', () => {
    const place = placeOnStick(stickAxis(LEVEL, 46, 1), { x: 240, y: 90 });
    expect(place.xMm).toBeCloseTo(20, 12);
    expect(place.dMm).toBeCloseTo(-5, 12);
  });

  it('puts x = 0 at the front of the frog, brought onto the axis', () => {
    const place = placeOnStick(stickAxis(LEVEL, 46, 1), LEVEL.frogFront);
    expect(place.xMm).toBeCloseTo(0, 12);
    expect(place.dMm).toBeCloseTo(15, 12);
  });

  it('counts the hair side as positive whichever way the picture shows it', () => {
    const seenFromBehind = {
      stickHandEnd: { x: 450, y: 100 },
      stickTipEnd: { x: 50, y: 100 },
      frogFront: { x: 200, y: 130 },
      frogBack: { x: 292, y: 130 },
    };
    const axis = stickAxis(seenFromBehind, 46, -1);
    expect(placeOnStick(axis, { x: 200, y: 140 }).dMm).toBeCloseTo(20, 12);
    expect(placeOnStick(axis, { x: 160, y: 100 }).xMm).toBeCloseTo(20, 12);
  });

  it('does not change when the whole picture is turned, moved and enlarged (gl-matrix does the turning)', () => {
    const real = fc.double({ min: -500, max: 500, noNaN: true });
    const angle = fc.double({ min: -3, max: 3, noNaN: true });
    const zoom = fc.double({ min: 0.2, max: 5, noNaN: true });
    fc.assert(
      fc.property(real, real, angle, zoom, (x, y, radians, factor) => {
        const turn = mat2d.create();
        mat2d.translate(turn, turn, [37, -12]);
        mat2d.rotate(turn, turn, radians);
        mat2d.scale(turn, turn, [factor, factor]);
        const moved = (p: { x: number; y: number }) => {
          const there = vec2.transformMat2d(vec2.create(), [p.x, p.y], turn);
          return { x: there[0]!, y: there[1]! };
        };
        const there = stickAxis(
          {
            stickHandEnd: moved(LEVEL.stickHandEnd),
            stickTipEnd: moved(LEVEL.stickTipEnd),
            frogFront: moved(LEVEL.frogFront),
            frogBack: moved(LEVEL.frogBack),
          },
          46,
          1,
        );
        const here = placeOnStick(stickAxis(LEVEL, 46, 1), { x, y });
        // gl-matrix computes in single precision.
        expect(placeOnStick(there, moved({ x, y })).xMm).toBeCloseTo(here.xMm, 2);
        expect(placeOnStick(there, moved({ x, y })).dMm).toBeCloseTo(here.dMm, 2);
      }),
    );
  });

  it('refuses a stick without length', () => {
    const flat = { ...LEVEL, stickTipEnd: LEVEL.stickHandEnd };
    expect(() => stickAxis(flat, 46, 1)).toThrow(InputError);
  });
});
