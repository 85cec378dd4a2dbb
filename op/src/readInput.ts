import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { InputError } from '@open-palm/core/issue';
import { malformed, type Problem } from '@open-palm/core/problem';

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
    throw new InputError([malformed(nameOf(file), reason(error))]);
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
    const problem = error instanceof Error ? error.message : String(error);
    throw new InputError([{ code: 'notJson', where: nameOf(file), params: { problem } }]);
  }
}

function reason(error: unknown): Problem {
  if (error instanceof Error && 'code' in error && error.code === 'ENOENT') {
    return { code: 'noSuchFile' };
  }
  const detail = error instanceof Error ? error.message : String(error);
  return { code: 'unreadable', params: { detail } };
}
