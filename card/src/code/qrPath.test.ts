import jsQR from 'jsqr';
import { qrPath } from './qrPath';

const PX = 4;

/** The drawn path as a picture of so many px a module, as a camera sees it. */
function seen({ path, size }: ReturnType<typeof qrPath>) {
  const side = size * PX;
  const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
  for (const [, x, y] of path.matchAll(/M(\d+) (\d+)h1v1h-1z/g)) {
    for (let dy = 0; dy < PX; dy++) {
      for (let dx = 0; dx < PX; dx++) {
        const at = ((Number(y) * PX + dy) * side + Number(x) * PX + dx) * 4;
        pixels.fill(0, at, at + 3);
      }
    }
  }
  return jsQR(pixels, side, side)?.data;
}

it.each([
  'http://192.168.7.20:8480',
  'https://a-rather-long-name-of-a-computer.local:8443/pair#q1w2e3r4t5y6u7i8o9p0AZ',
])('is read by another program as what it says: %s', (text) => {
  expect(seen(qrPath(text))).toBe(text);
});
