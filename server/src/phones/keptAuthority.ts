import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import writeFileAtomic from 'write-file-atomic';
import { holdsUntil, makeAuthority, makeLeaf, vouchesFor, type Pair } from './authority';

const DAY_MS = 86_400_000;
/** A certificate is made anew so long before it ends. */
const RENEWED_BEFORE_MS = 30 * DAY_MS;

/** The authority and the certificate in the studio's folder; keys are readable by their owner alone, and in no backup. */
export interface KeptAuthority {
  authority: Pair;
  /** The certificate for the names of now: the one that is kept where it still holds, else a new one. */
  leafFor(name: string, addresses: readonly string[], now: Date): Promise<Pair>;
}

/**
 * Reads the studio's authority, or makes it: also where its certificate or key was deleted, or it ends soon. Phones that trusted an earlier
 * one then have to be told of the new one.
 */
export async function keepAuthority(
  folder: string,
  title: string,
  name: string,
  now: Date,
): Promise<KeptAuthority> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const kept = readPair(folder, 'authority');
  // It vouches for the name that it was made for.
  const isGood = kept !== null && !endsSoon(kept, now) && readName(folder) === name;
  const authority = isGood ? kept : await makeAuthority(title, name, now);
  if (!isGood) {
    await writePair(folder, 'authority', authority);
    await writeFileAtomic(join(folder, 'name'), name, { mode: 0o600 });
  }
  // A certificate of an earlier authority vouches for nothing any more.
  let isOfThis = isGood;
  return {
    authority,
    async leafFor(host, addresses, at) {
      const leaf = isOfThis ? readPair(folder, 'studio') : null;
      const names = [host, ...addresses];
      const fits =
        leaf !== null &&
        !endsSoon(leaf, at) &&
        JSON.stringify(vouchesFor(leaf.certificate)) === JSON.stringify(names);
      if (fits) return leaf;
      const fresh = await makeLeaf(authority, host, addresses, at);
      await writePair(folder, 'studio', fresh);
      isOfThis = true;
      return fresh;
    },
  };
}

const endsSoon = ({ certificate }: Pair, now: Date): boolean =>
  holdsUntil(certificate).getTime() - now.getTime() < RENEWED_BEFORE_MS;

function readName(folder: string): string {
  const file = join(folder, 'name');
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
}

/** Null where a part of it is missing or is no certificate. */
function readPair(folder: string, of: string): Pair | null {
  try {
    const certificate = readFileSync(join(folder, `${of}.pem`), 'utf8');
    const key = readFileSync(join(folder, `${of}.key`), 'utf8');
    holdsUntil(certificate);
    return { certificate, key };
  } catch {
    return null;
  }
}

async function writePair(folder: string, of: string, { certificate, key }: Pair): Promise<void> {
  await writeFileAtomic(join(folder, `${of}.key`), key, { mode: 0o600 });
  await writeFileAtomic(join(folder, `${of}.pem`), certificate, { mode: 0o600 });
}
