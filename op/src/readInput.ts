import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { InputError } from '@open-palm/core/issue';

/** What a file is called in sentences; `-` is standard input. */
const nameOf = (file: string): string => (file === '-' ? 'standard input' : file);

/**
 * The text of a file, or of standard input for `-`.
 *
 * @throws InputError when it cannot be read
 */
export async function readText(file: string): Promise<string> {
  try {
    return file === '-' ? await text(process.stdin) : await readFile(file, 'utf8');
  } catch (error) {
    const params = { problem: reason(error) };
    throw new InputError([{ code: 'malformed', where: nameOf(file), params }]);
  }
}

/**
 * Parsed JSON from a file, or from standard input for `-`.
 *
 * @throws InputError when the file cannot be read or is not JSON
 */
export async function readJson(file: string): Promise<unknown> {
  const content = await readText(file);
  try {
    return JSON.parse(content);
  } catch (error) {
    const params = { problem: reason(error) };
    throw new InputError([{ code: 'notJson', where: nameOf(file), params }]);
  }
}

function reason(error: unknown): string {
  if (error instanceof Error && 'code' in error && error.code === 'ENOENT') {
    return 'there is no such file';
  }
  return error instanceof Error ? error.message : String(error);
}
