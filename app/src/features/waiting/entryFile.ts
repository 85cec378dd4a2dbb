import type { Entry } from '../../foundation/api/sync/entry';

/** An entry as a file that a person can keep: all that it says, its pictures too. */
export async function entryFile(entry: Entry): Promise<{ blob: Blob; name: string }> {
  const { kind, id, studentName, at, body, stop } = entry;
  const pictures = await Promise.all(
    entry.pictures.map(async (picture) => ({
      id: picture.id,
      type: picture.blob.type,
      base64: await base64Of(picture.blob),
    })),
  );
  const content = { format: 'open-palm-unsent', kind, id, studentName, at, stop, body, pictures };
  return {
    blob: new Blob([JSON.stringify(content, null, 2)], { type: 'application/json' }),
    name: `unsent-${kind}-${at.slice(0, 10)}.json`,
  };
}

/** A file's bytes as text. */
export const base64Of = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).replace(/^[^,]*,/, ''));
    reader.onerror = () => reject(reader.error ?? new Error('unreadable'));
    reader.readAsDataURL(blob);
  });
