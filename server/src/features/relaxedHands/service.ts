import type { RelaxedHandInput, RelaxedHandRecord } from '@open-palm/contract';
import { relaxedHandFrom } from '@open-palm/core/hand';
import { receivedHash } from '../../bodyHash';
import { keepOnce } from '../../keepOnce';
import { refuseWithheld, withConsent } from '../../references/consent';
import { notFound } from '../../problem';
import { findRelaxedHand, missingPicture, studentExists } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import type { Written } from '../../maker';
import { addRelaxedHand, bodyHashOf } from './repo';

/**
 * Keeps a relaxed-hand picture under the client's id. The same again gives the same answer.
 *
 * @throws Problem `notFound` for an unknown student or picture, `conflict` when the id belongs to another,
 *   `consent` for a student who is not photographed
 * @throws InputError when its points do not make a hand
 */
export async function saveRelaxedHand(
  { db, now, pictureDir }: Pick<StudioParts, 'db' | 'now'> & { pictureDir: string },
  id: string,
  input: RelaxedHandInput,
  { received, maker }: Written,
): Promise<RelaxedHandRecord> {
  const bodySha256 = receivedHash(received);
  const record = { ...input, id, takenAt: new Date(input.takenAt).toISOString() };
  await withConsent({ db, pictureDir }, [input.pictureId], () =>
    keepOnce(db, bodySha256, {
      what: 'picture',
      hashOf: (trx) => bodyHashOf(trx, id),
      facts: async (trx) => [await findRelaxedHand(trx, id), record],
      add: async (trx) => {
        if (!(await studentExists(trx, input.studentId))) throw notFound('student', 'studentId');
        await refuseWithheld(trx, input.studentId, 'pictureId');
        if ((await missingPicture(trx, [input.pictureId])) !== null) {
          throw notFound('picture', 'pictureId');
        }
        relaxedHandFrom(input.points);
        await addRelaxedHand(trx, record, { bodySha256, createdAt: now().toISOString(), maker });
      },
    }),
  );
  return record;
}
