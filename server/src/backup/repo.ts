import type { Knex } from 'knex';
import type { SinceBackup } from '@open-palm/contract';

const NOTES = ['log_entries', 'takes', 'crossings', 'relaxed_hands'] as const;

/** What came after a moment. */
export async function sinceOf(reader: Knex, madeAt: string): Promise<SinceBackup> {
  const after = async (table: string) => {
    const row = await reader(table)
      .where('created_at', '>', madeAt)
      .count<{ n: number }[]>({ n: '*' })
      .first();
    return Number(row?.n ?? 0);
  };
  const notes = await Promise.all(NOTES.map(after));
  return {
    looks: await after('checks'),
    notes: notes.reduce((sum, n) => sum + n, 0),
    edits: await after('edits'),
    pictures: await after('pictures'),
  };
}
