import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { asBase64, openClipEncoder } from './film/encodeClip';
import { FILM } from './film/films';
import type { ClipOrder } from './film/page/encode';

/** Makes the clips that are hard to read out of the supple student's: turned, uneven, endless, empty, without a picture. */
const clips = fileURLToPath(new URL('../clips/', import.meta.url));
const folder = `${clips}odd/`;
mkdirSync(folder, { recursive: true });
const encoder = await openClipEncoder();
const { width, height } = FILM;
const all = await encoder.read(readFileSync(`${clips}supple.webm`));
/** One stroke of them, and two. */
const before = (seconds: number) => all.filter(({ timeS }) => timeS < seconds);
const [one, two] = [before(2.8), before(5.4)];

/** Uneven: some frames stay for long, others follow at once. */
const uneven = two.filter((_, i) => [0, 1, 2, 5].includes(i % 8));

const wall = async (shade: number) =>
  asBase64(
    await sharp({
      create: { width: 320, height: 240, channels: 3, background: `rgb(${shade},${shade},150)` },
    })
      .jpeg()
      .toBuffer(),
  );
const [day, dusk] = [await wall(170), await wall(130)];
const walls = (seconds: number, everyS: number): ClipOrder['frames'] =>
  Array.from({ length: seconds / everyS }, (_, i) => ({
    timeS: i * everyS,
    durationS: everyS,
    jpeg: i % 2 === 0 ? day : dusk,
  }));

const orders: Record<string, ClipOrder> = {
  'turned.mp4': {
    kind: 'mp4',
    width,
    height,
    frames: one,
    bitsPerS: 500_000,
    rotation: 90,
  },
  'uneven.webm': {
    kind: 'webm',
    width,
    height,
    frames: uneven.map((frame, i) => ({
      ...frame,
      durationS: (uneven[i + 1]?.timeS ?? frame.timeS + 0.1) - frame.timeS,
    })),
    bitsPerS: 500_000,
  },
  'mirrored.webm': {
    kind: 'webm',
    width,
    height,
    frames: await Promise.all(
      one.map(async ({ jpeg, ...frame }) => ({
        ...frame,
        jpeg: asBase64(await sharp(Buffer.from(jpeg, 'base64')).flop().jpeg().toBuffer()),
      })),
    ),
    bitsPerS: 400_000,
  },
  'no-hand.webm': {
    kind: 'webm',
    width: 320,
    height: 240,
    frames: walls(4, 0.25),
    bitsPerS: 50_000,
  },
  'ten-minutes.webm': {
    kind: 'webm',
    width: 320,
    height: 240,
    frames: walls(600, 2),
    bitsPerS: 5_000,
  },
  'sound-only.webm': { kind: 'webm', width, height, frames: [], bitsPerS: 1000, toneS: 2 },
};
for (const [name, order] of Object.entries(orders)) {
  const clip = await encoder.encode(order);
  writeFileSync(folder + name, clip);
  console.log(`${name}  ${(clip.length / 1024).toFixed(0)} KB`);
}
await encoder.close();
