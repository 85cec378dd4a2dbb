import type { VisionFile, VisionProblem } from './visionMessages';

/** A file that cannot be used, and why. */
export class VisionFileProblem extends Error {
  constructor(readonly problem: VisionProblem) {
    super(problem);
    this.name = 'VisionFileProblem';
  }
}

/**
 * Loads files side by side and tells how much of all of them is there.
 *
 * @param onProgress told the share from 0 to 1
 * @throws VisionFileProblem when one is missing or is not what the build made
 */
export async function loadFiles(
  files: readonly VisionFile[],
  onProgress: (share: number) => void,
): Promise<Uint8Array<ArrayBuffer>[]> {
  const all = files.reduce((sum, { bytes }) => sum + bytes, 0);
  let there = 0;
  return Promise.all(
    files.map((file) =>
      loadFile(file, (bytes) => {
        there += bytes;
        onProgress(Math.min(1, there / all));
      }),
    ),
  );
}

async function loadFile(
  { address, bytes, sha256 }: VisionFile,
  onBytes: (bytes: number) => void,
): Promise<Uint8Array<ArrayBuffer>> {
  const response = await fetch(address).catch(() => null);
  if (!response?.ok || !response.body) throw new VisionFileProblem('missing');
  const content = new Uint8Array(bytes);
  let at = 0;
  const reader = response.body.getReader();
  for (;;) {
    const { done, value } = await reader.read().catch(() => {
      throw new VisionFileProblem('missing');
    });
    if (done) break;
    if (at + value.length > bytes) throw new VisionFileProblem('damaged');
    content.set(value, at);
    at += value.length;
    onBytes(value.length);
  }
  if (at !== bytes || (await fingerprint(content)) !== sha256) {
    throw new VisionFileProblem('damaged');
  }
  return content;
}

async function fingerprint(content: Uint8Array<ArrayBuffer>): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', content));
  return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('');
}
