import type { KeptRemoval, Row } from '../bin/repo';
import type { LetterVersion } from './repo';

/** By what a letter is known as erased: its look may be written another one, which is not. */
export const letterKey = ({ check_id, at }: LetterVersion): string => `letter ${check_id} ${at}`;

/** Everything by which what was taken away is known again, should it come back from a device or an older backup. */
export function keysOf({ kind, ofId, rows, pictureIds }: KeptRemoval): string[] {
  const of = new Map(rows);
  const ids = (table: string) => (of.get(table) ?? []).map(({ id }) => String(id));
  const letters = [
    ...(of.get('letters') ?? []).map((row) => letterKey(versionOf(row, 'check_id', 'updated_at'))),
    ...(of.get('edits') ?? [])
      .filter((row) => row.kind === 'letter')
      .map((row) => letterKey(versionOf(row, 'of_id', 'created_at'))),
  ];
  if (kind === 'letter') return letters;
  if (kind === 'photographs') return pictureIds;
  return [
    ofId,
    ...ids('checks'),
    ...ids('takes'),
    ...ids('relaxed_hands'),
    ...pictureIds,
    ...letters,
  ];
}

const versionOf = (row: Row, id: string, at: string): LetterVersion => ({
  check_id: String(row[id]),
  at: String(row[at]),
});
