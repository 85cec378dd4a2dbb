import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { isComplete, pictureFormat } from './pictureFormat';

const folder = join(__dirname, '../../../../studio-demo/pictures');
const jpeg = new Uint8Array(readFileSync(join(folder, 'settled.finger-side.jpg')));
// The smallest PNG and WebP, one pixel each.
const png = Uint8Array.from(
  atob(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mNkYAAAAAYAAjCB0C8AAAAASUVORK5CYII=',
  ),
  (c) => c.charCodeAt(0),
);
const webp = Uint8Array.from(atob('UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA=='), (c) =>
  c.charCodeAt(0),
);

describe('pictureFormat', () => {
  it('knows a picture by its content', () => {
    expect(pictureFormat(jpeg)).toBe('jpeg');
    expect(pictureFormat(png)).toBe('png');
    expect(pictureFormat(webp)).toBe('webp');
    expect(pictureFormat(new TextEncoder().encode('just words'))).toBeNull();
    expect(pictureFormat(new Uint8Array())).toBeNull();
  });

  it.each([
    ['jpeg', jpeg],
    ['png', png],
    ['webp', webp],
  ] as const)('notices a %s that broke off', (format, bytes) => {
    expect(isComplete(bytes, format)).toBe(true);
    expect(isComplete(bytes.subarray(0, Math.floor(bytes.length * 0.7)), format)).toBe(false);
  });
});
