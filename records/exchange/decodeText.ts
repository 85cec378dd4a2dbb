import { fileIssue, type RowIssue } from '@open-palm/contract/exchange';

const NEWLINE = 0x0a;

/**
 * A file's bytes as text: UTF-8 with or without a byte-order mark, or UTF-16 with one. Anything else is told with the row in
 * which it shows, because guessing would spoil names.
 */
export function decodeText(
  bytes: Uint8Array,
): { text: string; issue: null } | { text: null; issue: RowIssue } {
  const utf16 = utf16Of(bytes);
  if (utf16) return { text: new TextDecoder(utf16).decode(bytes), issue: null };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), issue: null };
  } catch {
    const row = rowOfBadByte(bytes);
    return { text: null, issue: { ...fileIssue({ code: 'notUtf8' }), row } };
  }
}

function utf16Of([first, second]: Uint8Array): 'utf-16le' | 'utf-16be' | null {
  if (first === 0xff && second === 0xfe) return 'utf-16le';
  if (first === 0xfe && second === 0xff) return 'utf-16be';
  return null;
}

/** The first line that is no UTF-8; lines are UTF-8 by themselves, because a newline is never part of a longer letter. */
function rowOfBadByte(bytes: Uint8Array): number {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let [row, start] = [1, 0];
  for (let i = 0; i <= bytes.length; i += 1) {
    if (i < bytes.length && bytes[i] !== NEWLINE) continue;
    try {
      decoder.decode(bytes.subarray(start, i));
    } catch {
      return row;
    }
    row += 1;
    start = i + 1;
  }
  return row;
}
