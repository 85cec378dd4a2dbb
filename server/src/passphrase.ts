import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { terminalWords as words } from '@open-palm/words/terminal';
import { accessFile } from './access/openDoor';
import { allPeople } from './people/repo';
import { addCode, dropCodes } from './access/repo';
import { newCode, sha256 } from './access/token';
import { openAccess, openReader } from './db/openDatabase';

/**
 * Makes a one-time link for somebody who has lost their passphrase. Whoever can run it can read the studio's files anyway. It works beside a
 * running studio.
 */
const dataDir = process.env.DATA_DIR ?? 'data';
const port = Number(process.env.PORT ?? 8081);
const HOUR_MS = 3_600_000;

const leave = (line: string): never => {
  process.stderr.write(`${line}\n`);
  process.exit(1);
};

const file = join(dataDir, 'studio.sqlite');
if (!existsSync(accessFile(dataDir))) leave(words.noStudio(dataDir));
const reader = openReader(file);
const people = (await allPeople(reader)).filter(({ isOut }) => !isOut);
await reader.destroy();
if (people.length === 0) leave(words.noStudio(dataDir));
const asked = process.argv.slice(2).join(' ');
const found = people.filter(({ name, role }) => (asked === '' ? role === 'owner' : name === asked));
if (found.length !== 1) leave(words.whichPerson(people.map(({ name }) => name)));
const [person] = found as [(typeof found)[number]];

const access = await openAccess(accessFile(dataDir));
const code = newCode();
const until = new Date(Date.now() + HOUR_MS).toISOString();
// A link from before holds no longer.
await dropCodes(access, { kind: 'passphrase', person_id: person.id });
await addCode(access, {
  code_sha256: sha256(code),
  kind: 'passphrase',
  person_id: person.id,
  until,
});
await access.destroy();
process.stdout.write(
  `${words.passphrase(person.name, `http://127.0.0.1:${port}/welcome#${code}`)}\n`,
);
