import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { InputError } from '@open-palm/core/issue';

/**
 * Parsed JSON from a file, or from standard input for `-`.
 *
 * @throws InputError when the file cannot be read or is not JSON
 */
export async function readInput(file: string): Promise<unknown> {
  const where = file === '-' ? 'standard input' : file;
  let content: string;
  try {
    content = file === '-' ? await text(process.stdin) : await readFile(file, 'utf8');
  } catch (error) {
    throw new InputError([{ code: 'malformed', where, params: { problem: reason(error) } }]);
  }
  try {
    return JSON.parse(content);
  } catch (error) {
    throw new InputError([{ code: 'notJson', where, params: { problem: reason(error) } }]);
  }
}

function reason(error: unknown): string {
  if (error instanceof Error && 'code' in error && error.code === 'ENOENT') {
    return 'there is no such file';
  }
  return error instanceof Error ? error.message : String(error);
}
