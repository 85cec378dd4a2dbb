import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { HandPoser, poseValues } from '@open-palm/core/pose';
import { handShape } from '@open-palm/core/portrait/handShape';
import { stationOfView } from './cameras';
import { GRIPS } from './grips';
import { poseHand } from './handPose';
import { MASK_SIZE, MASK_VIEWS, maskFile } from './masks';
import { wristCut } from './renderer';
import { solveGrip } from './solveGrip';

const { width, height } = MASK_SIZE;
const HALF = 128;

async function dots(file: Buffer): Promise<Uint8Array> {
  const { data } = await sharp(file)
    .resize(width, height, { fit: 'fill' })
    .greyscale()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return Uint8Array.from(data, (value) => (value >= HALF ? 1 : 0));
}

/** The drawn hand's shape from where the renderer's camera stood, drawn by a general library (sharp) from its path data. */
async function drawn(grip: (typeof GRIPS)[number], view: (typeof MASK_VIEWS)[number], pose: Pose) {
  const { target } = grip;
  const { toward, at, widthMm, distanceMm } = stationOfView(view);
  const { at: cutAt, toward: cutToward } = wristCut(poseHand(pose, target.build));
  const path = handShape(
    new HandPoser(target.build).pose(poseValues(pose)),
    target.build.size,
    { toward, at, widthMm, heightMm: (widthMm * height) / width, level: false },
    distanceMm,
    { at: cutAt.toArray(), toward: cutToward.toArray() },
  );
  const box = `0 0 ${10 * widthMm} ${(10 * widthMm * height) / width}`;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="${box}"><rect width="100%" height="100%"/><path fill="#fff" fill-rule="evenodd" d="${path}"/></svg>`;
  return dots(Buffer.from(svg));
}
type Pose = ReturnType<typeof solveGrip>['pose'];

/** Dots that have a neighbour of the other kind. */
function edge(mask: Uint8Array): [number, number][] {
  const out: [number, number][] = [];
  for (let y = 1; y + 1 < height; y += 1) {
    for (let x = 1; x + 1 < width; x += 1) {
      const i = y * width + x;
      if (mask[i] === 1 && [1, -1, width, -width].some((step) => mask[i + step] === 0)) {
        out.push([x, y]);
      }
    }
  }
  return out;
}

/** How far the places of one edge are from the nearest of another, on the average, px. */
const apart = (from: [number, number][], to: [number, number][]) =>
  from.reduce((sum, [x, y]) => sum + Math.min(...to.map(([u, v]) => Math.hypot(x - u, y - v))), 0) /
  from.length;

/** From the wrist to the middle fingertip of the rig's own hand, about, mm. */
const HAND_MM = 185;

describe('the drawn hand against the renderer’s picture of the same angles', () => {
  const readings: { name: string; union: number; outline: number }[] = [];

  it.each(GRIPS.map((grip) => [grip.name, grip] as const))(
    '%s from three sides',
    async (_, grip) => {
      const { pose } = solveGrip(grip.target);
      for (const view of MASK_VIEWS) {
        const [ours, theirs] = [
          await drawn(grip, view, pose),
          await dots(readFileSync(maskFile(grip.name, view))),
        ];
        let [both, any] = [0, 0];
        for (let i = 0; i < ours.length; i += 1) {
          both += ours[i]! & theirs[i]!;
          any += ours[i]! | theirs[i]!;
        }
        const handPx = (HAND_MM * grip.target.build.size * width) / stationOfView(view).widthMm;
        const outline = apart(edge(ours), edge(theirs)) / handPx;
        readings.push({ name: `${grip.name} ${view}`, union: both / any, outline });
        expect(both / any).toBeGreaterThanOrEqual(0.93);
        expect(outline).toBeLessThanOrEqual(0.02);
      }
    },
  );

  afterAll(() => {
    const worst = readings.reduce((a, b) => (b.union < a.union ? b : a));
    const off = readings.reduce((a, b) => (b.outline > a.outline ? b : a));
    process.stdout.write(
      `Measured: ${readings.length} shapes; worst union ${worst.union.toFixed(3)} (${worst.name}), outline ${(100 * off.outline).toFixed(2)} % (${off.name})\n`,
    );
  });
});
