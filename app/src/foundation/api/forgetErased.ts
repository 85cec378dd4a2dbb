import { goneSchema } from '@open-palm/contract/bin';
import { post } from './access';
import { drafts, termDrafts } from './drafts';
import { paths } from './paths';
import { forgetAnswersAbout, rememberedPaths } from './rememberedAnswers';
import { sync } from './sync';
import { studentsOf } from './sync/entry';

const ID = /[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/g;
/** As many as the studio takes at once. */
const MOST = 5000;

/**
 * Forgets on this device whatever was erased in the studio: what waits to be sent, unfinished looks and pages, and remembered answers. What the studio does
 * not know because it was never sent stays.
 */
export async function forgetErased(): Promise<void> {
  const unfinished = [...(await drafts.all()), ...(await termDrafts.all())];
  const held = new Set([
    ...sync.contents().flatMap((entry) => [entry.id, ...studentsOf(entry)]),
    ...unfinished.map(({ studentId }) => studentId),
    ...(await rememberedPaths()).flatMap((path) => path.match(ID) ?? []),
  ]);
  const ids = [...held].slice(0, MOST);
  if (ids.length === 0) return;
  const { erased } = await post(goneSchema, paths.gone, { ids });
  const isErased = new Set(erased);
  if (isErased.size === 0) return;
  await sync.forget((id) => isErased.has(id));
  for (const { studentId } of unfinished) {
    if (!isErased.has(studentId)) continue;
    await drafts.dropOf(studentId);
    await termDrafts.dropOf(studentId);
  }
  // A group's answer names its players inside.
  await forgetAnswersAbout(
    (path) =>
      path.startsWith(paths.groups) || (path.match(ID) ?? []).some((id) => isErased.has(id)),
  );
}
