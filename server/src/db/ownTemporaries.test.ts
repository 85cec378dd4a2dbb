import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Fills a table of SQLite's own that does not fit into memory here, and looks which files this process then has open. */
const FILLS = `
  const { ownTemporaries } = require(process.argv[1]);
  ownTemporaries(process.argv[2]);
  const Database = require('better-sqlite3');
  const { readdirSync, readlinkSync } = require('node:fs');
  const db = new Database(process.argv[2] + '/x.sqlite');
  db.pragma('temp.cache_size = 10');
  db.exec("create temp table t as with recursive n(i) as (select 1 union all select i + 1 from n where i < 40000) select i, hex(randomblob(60)) as words from n");
  const open = readdirSync('/proc/self/fd').flatMap((one) => {
    try { return [readlinkSync('/proc/self/fd/' + one)]; } catch { return []; }
  });
  console.log(JSON.stringify(open.filter((path) => path.includes('etilqs'))));
`;

it('what SQLite writes down for a while lies in the studio’s own folder', () => {
  const folder = mkdtempSync(join(tmpdir(), 'own-'));
  const ran = spawnSync(
    'node',
    ['--import', 'tsx', '-e', FILLS, join(__dirname, 'ownTemporaries.ts'), folder],
    {
      encoding: 'utf8',
      cwd: __dirname,
    },
  );
  expect(ran.stderr).toBe('');
  const files = JSON.parse(ran.stdout) as string[];
  expect(files.length).toBeGreaterThan(0);
  expect(files.every((path) => path.startsWith(folder))).toBe(true);
});
