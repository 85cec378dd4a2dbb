import { createHash } from 'node:crypto';
import type { Remember } from '@open-palm/contract';
import { loadGroup } from '../features/groups/service';
import { allGroups } from '../features/groups/repo';
import { handFileOf } from '../features/students/handFile';
import { allStudents } from '../features/students/repo';
import type { StudioParts } from '../studioParts';

type Parts = Pick<StudioParts, 'reader' | 'deriver'>;

/** One answer carries about so much text. */
const MOST_CHARACTERS = 4_000_000;

/** An answer that a device keeps, and under which paths. */
interface Kept {
  paths: string[];
  /** Null while it is being worked out. */
  answer: (() => Promise<object>) | null;
}

/**
 * What a device without a network should have that it does not: every group and hand file that changed since, each once. What is being
 * worked out is told another time.
 *
 * @param known versions that the device has, by path
 */
export async function changedSince(
  parts: Parts,
  known: Readonly<Record<string, string>>,
  most = MOST_CHARACTERS,
): Promise<Remember> {
  const leftOut = { count: 0 };
  const all = [...(await groupsKept(parts)), ...(await handFilesKept(parts, leftOut))];
  const answers: Remember['answers'] = [];
  let characters = 0;
  let more = false;
  for (const { paths, answer } of all) {
    if (characters >= most) {
      more = true;
      break;
    }
    if (answer === null) continue;
    const body = JSON.stringify(await answer());
    const version = versionOf(body);
    if (paths.every((path) => known[path] === version)) continue;
    answers.push({ paths, version, body });
    characters += body.length;
  }
  const here = new Set(all.flatMap(({ paths }) => paths));
  // What cannot be read here is not gone: the device's own copy may be the last that can.
  const gone = leftOut.count > 0 ? [] : Object.keys(known).filter((path) => !here.has(path));
  return { answers, gone, more };
}

async function groupsKept({ reader }: Parts): Promise<Kept[]> {
  return (await allGroups(reader)).map(({ group: { id } }) => ({
    paths: [`/api/groups/${id}`],
    answer: () => loadGroup(reader, id),
  }));
}

async function handFilesKept(parts: Parts, leftOut: { count: number }): Promise<Kept[]> {
  const { reader, deriver } = parts;
  const pending = new Set(deriver.waiting());
  return (await allStudents(reader, leftOut)).flatMap((student) => {
    const path = `/api/students/${student.id}`;
    return student.setups.map(({ id }, position): Kept => ({
      // The main instrument is what a hand file is asked for without a name.
      paths: [...(position === 0 ? [path] : []), `${path}?setup=${id}`],
      answer: pending.has(id)
        ? null
        : async () => ({ ...(await handFileOf(parts, student, id)), workingOut: 0 }),
    }));
  });
}

const versionOf = (body: string): string =>
  createHash('sha256').update(body).digest('hex').slice(0, 16);
