import { chmodSync, mkdirSync, mkdtempSync, statSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { privateFolder } from './privateFolder';

const modeOf = (path: string) => statSync(path).mode & 0o777;
let mask: number;
beforeAll(() => (mask = process.umask(0o022)));
afterAll(() => process.umask(mask));

describe('the studio’s folder', () => {
  it('is its owner’s alone, with the pictures of an earlier version in it', () => {
    const folder = mkdtempSync(join(tmpdir(), 'private-'));
    mkdirSync(join(folder, 'pictures'));
    writeFileSync(join(folder, 'pictures', 'a.jpg'), 'x');
    writeFileSync(join(folder, 'studio.sqlite'), 'x');
    chmodSync(folder, 0o755);
    privateFolder(folder);
    expect(modeOf(folder)).toBe(0o700);
    expect(modeOf(join(folder, 'pictures'))).toBe(0o700);
    expect(modeOf(join(folder, 'pictures', 'a.jpg'))).toBe(0o600);
    expect(modeOf(join(folder, 'studio.sqlite'))).toBe(0o600);
  });

  it('may be one that somebody else uses too: nothing but the studio’s own is touched', () => {
    const folder = mkdtempSync(join(tmpdir(), 'private-'));
    process.umask(0o022);
    chmodSync(folder, 0o755);
    writeFileSync(join(folder, 'start.sh'), '#!/bin/sh', { mode: 0o755 });
    mkdirSync(join(folder, 'elsewhere'), { mode: 0o755 });
    symlinkSync(join(folder, 'elsewhere'), join(folder, 'pictures'));
    privateFolder(folder);
    expect(
      [folder, 'start.sh', 'elsewhere'].map((name) =>
        modeOf(join(folder, name === folder ? '' : name)),
      ),
    ).toEqual([0o755, 0o755, 0o755]);
  });

  it('is made where there is none', () => {
    const folder = join(mkdtempSync(join(tmpdir(), 'private-')), 'data');
    privateFolder(folder);
    expect(modeOf(folder)).toBe(0o700);
  });
});
