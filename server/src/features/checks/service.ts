import { answers } from '@open-palm/words/answers';
import type { Knex } from 'knex';
import { type Check, type CheckInput } from '@open-palm/contract';
import { gripFacts } from '@open-palm/records/grip';
import { InputError } from '@open-palm/core/issue';
import { findLookIssues } from '@open-palm/core/measure';
import { receivedHash } from '../../bodyHash';
import { touchSetups } from '../../derive/repo';
import { READ_WAIT_MS } from '../../derive/waits';
import { keepOnce } from '../../keepOnce';
import { notFound, Problem } from '../../problem';
import { refuseWithheld, withConsent } from '../../references/consent';
import { holdOf } from '../../references/holdOf';
import { findRelaxedHand } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import type { Written } from '../../maker';
import {
  addCheck,
  bodyHashOf,
  findCheck,
  findCheckFacts,
  findReferences,
  type CheckFacts,
} from './repo';
import { isShipped } from '@open-palm/records/holds';

/**
 * Keeps a check as it was given under the client's id, and answers at once; what it says is worked out afterwards. The same
 * check again gives the same answer; nothing is half-kept.
 *
 * @throws Problem `notFound` for an unknown student, picture, hold or relaxed hand, `conflict` when the id belongs to
 *   another check, `consent` when it has pictures of a student who is not photographed
 * @throws InputError when its points cannot be measured or its answers not judged
 */
export async function saveCheck(
  { db, now, deriver, pictureDir }: StudioParts & { pictureDir: string },
  id: string,
  input: CheckInput,
  { received, maker }: Written,
): Promise<void> {
  const bodySha256 = receivedHash(received);
  const check = { ...input, id, takenAt: new Date(input.takenAt).toISOString() };
  const pictures = input.captures.map(({ pictureId }) => pictureId);
  const isNew = await withConsent({ db, pictureDir }, pictures, () =>
    keepOnce(db, bodySha256, {
      what: 'check',
      hashOf: (trx) => bodyHashOf(trx, id),
      facts: async (trx) => [comparable((await findCheckFacts(trx, id))!), comparable(check)],
      add: async (trx) => {
        await refuseUnknown(trx, check);
        await addCheck(trx, check, { bodySha256, createdAt: now().toISOString(), maker });
        await touchSetups(trx, [input.setupId]);
      },
    }),
  );
  if (isNew) deriver.wake([input.setupId]);
}

/** Everything that a check refers to must be there, and its points and answers must make a look. */
async function refuseUnknown(trx: Knex, input: CheckFacts): Promise<void> {
  const { student, setup, withoutPicture, taken } = await findReferences(trx, input);
  if (!student) throw notFound('student', 'studentId');
  if (!setup) throw notFound('instrument of this student', 'setupId');
  if (input.captures.length > 0) await refuseWithheld(trx, input.studentId, 'captures');
  const [missing] = withoutPicture;
  if (missing !== undefined) throw notFound('picture', `captures[${missing}].pictureId`);
  const [other] = taken;
  if (other !== undefined) {
    const message = answers.pictureTaken;
    throw new Problem(409, 'conflict', message, `captures[${other}].id`);
  }
  const hold = await holdOf(trx, input.grip.holdId, input.grip.holdVersion);
  if (!hold) {
    throw isShipped(input.grip.holdId)
      ? notFound('version of this hold', 'grip.holdVersion')
      : notFound('hold', 'grip.holdId');
  }
  const relaxedHand = await relaxedHandOf(trx, input);
  // A look of nothing but signs that a person saw has nothing that could be wrong with it.
  if (input.captures.length + input.taps.length === 0) return;
  const issues = findLookIssues(input, gripFacts(input.grip, hold, relaxedHand).hold);
  if (issues.length > 0) throw new InputError(issues);
}

/** Shipped holds were once judged as they shipped, whichever version a look named; what was told then is compared elsewhere. */
const comparable = ({ grip, told: _, ...check }: CheckFacts): unknown => ({
  ...check,
  grip: isShipped(grip.holdId) ? { ...grip, holdVersion: 0 } : grip,
});

async function relaxedHandOf(trx: Knex, { grip, studentId }: CheckFacts) {
  if (grip.relaxedHandId === null) return null;
  const relaxedHand = await findRelaxedHand(trx, grip.relaxedHandId);
  if (relaxedHand?.studentId !== studentId) throw notFound('relaxed hand', 'grip.relaxedHandId');
  return relaxedHand;
}

/**
 * A whole check, worked out.
 *
 * @throws Problem `notFound`
 */
export async function loadCheck({ reader, deriver }: StudioParts, id: string): Promise<Check> {
  const facts = await findCheckFacts(reader, id);
  if (!facts) throw notFound('check', 'id');
  await deriver.settled([facts.setupId], READ_WAIT_MS);
  return (await findCheck(reader, id))!;
}
