import { Buffer } from 'node:buffer';
import { mkdirSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';

/** Draws the app's icons from `app/icon.svg`, in the sizes that phones ask for. */
const root = fileURLToPath(new URL('..', import.meta.url));
const sharp = createRequire(`${root}/server/package.json`)('sharp');
const out = `${root}/app/public/icons`;
mkdirSync(out, { recursive: true });

const PAPER = '#FAF6EE';
/** A maskable icon is cut to a circle of four fifths at the worst: what is drawn stays inside of it. */
const SAFE = 0.74;

const drawn = (size) => sharp(`${root}/app/icon.svg`, { density: 192 }).resize(size, size);
for (const size of [180, 192, 512]) {
  await drawn(size).png({ palette: true }).toFile(`${out}/icon-${size}.png`);
}
const inner = await drawn(Math.round(512 * SAFE))
  .png()
  .toBuffer();
await sharp({ create: { width: 512, height: 512, channels: 3, background: PAPER } })
  .composite([{ input: inner }])
  .png({ palette: true })
  .toFile(`${out}/maskable-512.png`);
// An .ico may hold a PNG as it is: a head of 22 bytes, then the picture.
const small = await drawn(48).png().toBuffer();
const head = Buffer.alloc(22);
head.writeUInt16LE(1, 2);
head.writeUInt16LE(1, 4);
head.set([48, 48, 0, 0], 6);
head.writeUInt16LE(1, 10);
head.writeUInt16LE(32, 12);
head.writeUInt32LE(small.length, 14);
head.writeUInt32LE(22, 18);
writeFileSync(`${root}/app/public/favicon.ico`, Buffer.concat([head, small]));
