import fc from 'fast-check';
import type { Picture, Place } from '../picture';
import { snapToStick } from './snapToStick';

const SIZE = { width: 600, height: 450 };

/** A stick across a plain ground, with a gleam along it: pixels by how far they lie from its axis. */
function stickPicture(
  through: Place,
  angle: number,
  { ground = 200, stick = 60, gleam = 140, halfWidth = 9 } = {},
): Picture {
  const { width, height } = SIZE;
  const data = new Uint8Array(width * height * 4);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const off = -Math.sin(angle) * (x - through.x) + Math.cos(angle) * (y - through.y);
      const isGleam = Math.abs(off + 3) < 1.5;
      const grey = Math.abs(off) > halfWidth ? ground : isGleam ? gleam : stick;
      data.fill(grey, (y * width + x) * 4, (y * width + x) * 4 + 3);
    }
  }
  return { ...SIZE, data };
}

describe('snapToStick', () => {
  it('brings a touch beside the axis to it, along the line across the stick', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.6, max: 0.6, noNaN: true }),
        fc.double({ min: -9, max: 9, noNaN: true }),
        (angle, off) => {
          const through = { x: 300, y: 225 };
          const picture = stickPicture(through, angle);
          const along = { x: Math.cos(angle), y: Math.sin(angle) };
          const at = {
            x: through.x - 100 * along.x - off * along.y,
            y: through.y - 100 * along.y + off * along.x,
          };
          const other = { x: at.x + 220 * along.x, y: at.y + 220 * along.y };
          const snapped = snapToStick(picture, at, other)!;
          const rest = -along.y * (snapped.x - through.x) + along.x * (snapped.y - through.y);
          expect(Math.abs(rest)).toBeLessThan(1.2);
          // It never slides along the stick.
          const slid = along.x * (snapped.x - at.x) + along.y * (snapped.y - at.y);
          expect(Math.abs(slid)).toBeLessThan(1e-9);
        },
      ),
      { numRuns: 20 },
    );
  });

  it('finds a light stick on a dark ground as well', () => {
    const picture = stickPicture({ x: 300, y: 225 }, 0, { ground: 30, stick: 170, gleam: 230 });
    const snapped = snapToStick(picture, { x: 200, y: 230 }, { x: 400, y: 228 })!;
    expect(snapped.y).toBeGreaterThan(223.5);
    expect(snapped.y).toBeLessThan(226.5);
  });

  it('leaves a touch alone where there is no stick near, or no direction', () => {
    const picture = stickPicture({ x: 300, y: 225 }, 0);
    expect(snapToStick(picture, { x: 200, y: 60 }, { x: 400, y: 60 })).toBeNull();
    expect(snapToStick(picture, { x: 200, y: 225 }, { x: 200, y: 225 })).toBeNull();
  });

  it('takes no single edge for a stick', () => {
    const picture = stickPicture({ x: 300, y: 449 }, 0, { halfWidth: 220 });
    expect(snapToStick(picture, { x: 200, y: 229 }, { x: 400, y: 229 })).toBeNull();
  });
});
