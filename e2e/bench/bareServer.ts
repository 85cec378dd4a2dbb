import { mkdtempSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bodyParser } from '@koa/bodyparser';
import Database from 'better-sqlite3';
import Koa from 'koa';

/** The least that keeps a body for good: Koa, a body parser, and one synced insert. What the studio does more is held against it. */
const db = new Database(join(mkdtempSync(join(tmpdir(), 'bare-')), 'bare.sqlite'));
db.pragma('journal_mode = WAL');
db.pragma('synchronous = FULL');
db.exec('create table bodies (id text primary key, body text not null)');
const insert = db.prepare('insert into bodies (id, body) values (?, ?)');

const app = new Koa();
app.use(bodyParser({ enableTypes: ['json'], jsonLimit: '1mb' }));
app.use((ctx) => {
  const id = ctx.path.split('/').at(-1)!;
  insert.run(id, JSON.stringify(ctx.request.body));
  ctx.body = { id };
});
const server = createServer(app.callback());
server.listen(0, '127.0.0.1', () => {
  process.stdout.write(`ready ${(server.address() as { port: number }).port}\n`);
});
