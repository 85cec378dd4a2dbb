import type { Knex } from 'knex';
import type { RelaxedHandRecord } from '@open-palm/contract';
import type { Maker } from '../../maker';

/** What the relaxed hand with this id was first sent as, if there is one. */
export const bodyHashOf = async (db: Knex, id: string): Promise<string | undefined> =>
  (await db('relaxed_hands').where({ id }).first('body_sha256'))?.body_sha256;

export async function addRelaxedHand(
  db: Knex,
  record: RelaxedHandRecord,
  extra: { bodySha256: string; createdAt: string; maker: Maker },
): Promise<void> {
  await db('relaxed_hands').insert({
    id: record.id,
    student_id: record.studentId,
    taken_at: record.takenAt,
    picture_id: record.pictureId,
    side: record.side,
    image_width: record.image.width,
    image_height: record.image.height,
    points_json: JSON.stringify(record.points),
    body_sha256: extra.bodySha256,
    created_at: extra.createdAt,
    made_by: extra.maker.madeBy,
    author: extra.maker.author,
  });
}
