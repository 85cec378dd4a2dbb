const FULL = new Set(['ENOSPC', 'EDQUOT', 'EFBIG', 'SQLITE_FULL']);
const CLOSED = new Set(['EROFS', 'EACCES', 'EPERM', 'SQLITE_READONLY']);

/** Whether a disk took nothing more, or takes nothing at all: what files and the database say of it. Null for anything else. */
export function diskTrouble(error: unknown): 'full' | 'readOnly' | null {
  const code = String((error as { code?: unknown } | null)?.code);
  if (FULL.has(code)) return 'full';
  // The database tells further what exactly it could not write: SQLITE_READONLY_DBMOVED and the like.
  return CLOSED.has(code) || code.startsWith('SQLITE_READONLY') ? 'readOnly' : null;
}
