export type PictureFormat = 'jpeg' | 'png' | 'webp';

const startsWith = (bytes: Uint8Array, at: number, marks: readonly number[]) =>
  marks.every((mark, i) => bytes[at + i] === mark);

const ascii = (text: string) => Array.from(text, (letter) => letter.charCodeAt(0));

/** What a file really is, by its first bytes; null is none of the three. */
export function pictureFormat(bytes: Uint8Array): PictureFormat | null {
  if (startsWith(bytes, 0, [0xff, 0xd8, 0xff])) return 'jpeg';
  if (startsWith(bytes, 0, [0x89, ...ascii('PNG')])) return 'png';
  if (startsWith(bytes, 0, ascii('RIFF')) && startsWith(bytes, 8, ascii('WEBP'))) return 'webp';
  return null;
}

/** How far before a file's end its closing mark may stand; some cameras write a little after it. */
const TAIL_BYTES = 65_536;

/** Whether a picture has its end: browsers show a broken-off one grey below, and its points would be guesses. */
export function isComplete(bytes: Uint8Array, format: PictureFormat): boolean {
  if (format === 'webp') {
    const declared = new DataView(bytes.buffer, bytes.byteOffset).getUint32(4, true);
    return bytes.length >= declared + 8;
  }
  const mark = format === 'jpeg' ? [0xff, 0xd9] : ascii('IEND');
  for (let at = bytes.length - mark.length; at >= Math.max(0, bytes.length - TAIL_BYTES); at -= 1) {
    if (startsWith(bytes, at, mark)) return true;
  }
  return false;
}
