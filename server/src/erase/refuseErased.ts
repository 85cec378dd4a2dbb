import type { Knex } from 'knex';
import type { Middleware } from 'koa';
import { z } from 'zod';
import { idSchema } from '@open-palm/contract';
import { eraseWords } from '@open-palm/words/erase';
import { binnedUntil, everyBinned } from '../bin/repo';
import { Problem } from '../problem';
import { dropPictures } from '../references/consent';
import type { ErasedIds } from './erasedIds';

const OF_PATH = /^\/api\/(?!bin\/|backups\/|access\/)[a-z-]+\/([0-9a-f-]{36})(?:\/|$)/;

/** Ids that a request is about: of its address, and of the student that it is written down of. */
function idsOf(path: string, body: unknown): string[] {
  const asked = OF_PATH.exec(path)?.[1];
  const student =
    typeof body === 'object' && body !== null && 'studentId' in body ? body.studentId : undefined;
  return [asked, student].filter((id): id is string => typeof id === 'string');
}

/**
 * Answers for what was erased that it is gone, so that a device forgets it too, and for what was taken away until when it can be brought back:
 * what waits on a device for that stays there.
 */
export const refuseErased =
  ({
    db,
    reader,
    erased,
    pictureDir,
  }: {
    db: Knex;
    reader: Knex;
    erased: ErasedIds;
    pictureDir: string;
  }): Middleware =>
  async (ctx, next) => {
    const ids = idsOf(ctx.path, ctx.request.body);
    try {
      if (ids.length > 0) await refuseGone(reader, erased, ids);
    } catch (error) {
      // Photographs come before the look that names them: refused with it, they go again.
      await dropPictures({ db, pictureDir }, picturesOf(ctx.request.body));
      throw error;
    }
    await next();
  };

/** Pictures that a look or a relaxed hand names. */
function picturesOf(body: unknown): string[] {
  const named = namedSchema.safeParse(body).data;
  return [
    ...(named?.captures ?? []).map(({ pictureId }) => pictureId),
    named?.pictureId ?? [],
  ].flat();
}

const namedSchema = z.object({
  pictureId: idSchema.optional().catch(undefined),
  captures: z
    .array(z.object({ pictureId: idSchema }))
    .optional()
    .catch(undefined),
});

/** @throws Problem `erased`, or `inBin` for what can still be brought back */
export async function refuseGone(
  db: Knex,
  erased: ErasedIds,
  ids: readonly string[],
): Promise<void> {
  if (ids.some((id) => erased.has(id))) throw new Problem(410, 'erased', eraseWords.erased, 'id');
  const until = await binnedUntil(db, ids);
  if (until === undefined) return;
  throw new Problem(404, 'inBin', eraseWords.inBin(until.slice(0, 10)), 'id');
}

/** Tells of ids whether what has them was erased or lies in the bin. */
export async function goneFrom(db: Knex, erased: ErasedIds): Promise<(id: string) => boolean> {
  const binned = new Set(
    (await everyBinned(db))
      .filter(({ kind }) => kind === 'student' || kind === 'check')
      .map(({ of_id }) => of_id),
  );
  return (id) => binned.has(id) || erased.has(id);
}
