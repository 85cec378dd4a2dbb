import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

it('every arrow that points up is refused by the style checker, by path and by package name', () => {
  const { stdout, stderr } = spawnSync(process.execPath, [join(__dirname, 'breakArrows.mjs')], {
    encoding: 'utf8',
  });
  expect(stdout === '' ? stderr : JSON.parse(stdout)).toEqual({
    arrows: expect.any(Number),
    unnoticed: [],
    refusedThoughAllowed: [],
  });
  expect(JSON.parse(stdout).arrows).toBeGreaterThan(300);
}, 60_000);
