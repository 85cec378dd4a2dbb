import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';

/** What can be found in a studio's database by its id. */
export const TABLES = [
  'students',
  'checks',
  'log_entries',
  'takes',
  'letters',
  'pictures',
] as const;
export type Table = (typeof TABLES)[number];

const KEY: Partial<Record<Table, string>> = { letters: 'check_id' };

interface Kept {
  table: Table;
  id: string;
  studentId: string;
}

/** What a studio has acknowledged and was not told to erase. */
export class Ledger {
  #kept = new Map<string, Kept>();
  readonly erased = new Set<string>();

  add(table: Table, id: string, studentId: string): void {
    this.#kept.set(`${table} ${id}`, { table, id, studentId });
  }

  get size(): number {
    return this.#kept.size;
  }

  /** What is of a student; of everybody without one. */
  of(studentId?: string): Kept[] {
    return [...this.#kept.values()].filter(
      (one) => studentId === undefined || one.studentId === studentId,
    );
  }

  /** All of a student is to be gone from now on, or one thing. */
  erase(isGone: (one: Kept) => boolean): void {
    for (const [key, one] of this.#kept) {
      if (!isGone(one)) continue;
      this.#kept.delete(key);
      // A letter has the id of its look, and pictures of a student's go by their own.
      if (one.table !== 'letters') this.erased.add(one.id);
    }
  }

  /** As it stands now, to come back to with a backup; what is erased stays so. */
  remember(): () => void {
    const then = new Map(this.#kept);
    return () => {
      this.#kept = new Map(
        [...then].filter(
          ([, { id, studentId }]) => !this.erased.has(id) && !this.erased.has(studentId),
        ),
      );
    };
  }
}

export interface Found {
  kept: number;
  /** Acknowledged, and not there. */
  lost: string[];
  /** Erased, and there. */
  resurrected: string[];
}

/** Holds a studio that nobody has open against what it acknowledged. */
export function heldAgainst(ledger: Ledger, dataDir: string): Found {
  const db = new Database(join(dataDir, 'studio.sqlite'), { readonly: true });
  const there = new Map(
    TABLES.map((table) => [
      table,
      new Set(
        db
          .prepare(`select ${KEY[table] ?? 'id'} from ${table}`)
          .pluck()
          .all() as string[],
      ),
    ]),
  );
  db.close();
  const files = namesBelow(dataDir);
  const lost: string[] = [];
  let kept = 0;
  for (const { table, id } of ledger.of()) {
    const isThere =
      there.get(table)!.has(id) &&
      (table !== 'pictures' || existsSync(join(dataDir, 'pictures', `${id}.jpg`)));
    if (isThere) kept += 1;
    else lost.push(`${table} ${id}`);
  }
  const resurrected = [...ledger.erased].filter(
    (id) =>
      TABLES.some((table) => table !== 'pictures' && there.get(table)!.has(id)) ||
      files.some((name) => name.includes(id)),
  );
  return { kept, lost, resurrected };
}

const namesBelow = (folder: string): string[] =>
  readdirSync(folder, { recursive: true }).map(String);

/** How many bytes lie in a folder, or a file has. */
export function bytesOf(path: string): number {
  if (!existsSync(path)) return 0;
  if (statSync(path).isFile()) return statSync(path).size;
  return readdirSync(path, { recursive: true })
    .map((name) => statSync(join(path, String(name))))
    .reduce((sum, one) => sum + (one.isFile() ? one.size : 0), 0);
}
