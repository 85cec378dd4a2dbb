/// <reference path="./base45.d.ts" />
import { encode } from 'base45';
import crc32 from 'crc-32';
import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';

/** What every part of a code begins with. */
const MARK = 'OP1';
/** So many signs a code carries at most, so that a phone's camera reads it from another phone's screen. */
const MOST_SIGNS = 300;
const HEAD_SIGNS = `${MARK}/99/99/00000000/`.length;
const MOST_PARTS = 99;
/** What a log may be once it is unpacked: a longer one is none of ours. */
const MOST_BYTES = 400_000;

/** Why a code cannot be read. */
export class BadCode extends Error {
  constructor(readonly why: 'foreign' | 'damaged') {
    super(why);
    this.name = 'BadCode';
  }
}

const checkOf = (text: string): string =>
  (crc32.buf(strToU8(text)) >>> 0).toString(16).toUpperCase().padStart(8, '0');

/**
 * A value as texts for QR codes, each with its number, how many there are, and the checksum of them all; in the signs of the alphanumeric
 * mode (ISO/IEC 18004), base45 as RFC 9285 has it.
 *
 * @throws RangeError when it needs more than 99 codes
 */
export function toCodes(value: unknown): string[] {
  const packed = encode(deflateSync(strToU8(JSON.stringify(value)), { level: 9 }));
  const size = MOST_SIGNS - HEAD_SIGNS;
  const count = Math.max(1, Math.ceil(packed.length / size));
  if (count > MOST_PARTS) throw new RangeError('too much for codes');
  const check = checkOf(packed);
  return Array.from(
    { length: count },
    (_, i) => `${MARK}/${i + 1}/${count}/${check}/${packed.slice(i * size, (i + 1) * size)}`,
  );
}

const SIGNS = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:';

/** Bytes of a base45 text (RFC 9285): the package's own reading needs Node's Buffer, which no browser has. */
function fromBase45(text: string): Uint8Array {
  const bytes: number[] = [];
  for (let i = 0; i < text.length; i += 3) {
    const [c, d, e] = [...text.slice(i, i + 3)].map((sign) => SIGNS.indexOf(sign));
    const value = c! + 45 * (d ?? 0) + 2025 * (e ?? 0);
    if (e !== undefined) bytes.push(value >> 8);
    bytes.push(value & 255);
  }
  return Uint8Array.from(bytes);
}

/** One part of a code. */
export interface CodePart {
  n: number;
  of: number;
  check: string;
  text: string;
}

/** Reads what one QR code says; null where it is none of ours. */
export function readPart(text: string): CodePart | null {
  const found = /^OP1\/(\d{1,2})\/(\d{1,2})\/([0-9A-F]{8})\/([0-9A-Z $%*+\-./:]*)$/.exec(text);
  if (!found) return null;
  const [n, of] = [Number(found[1]), Number(found[2])];
  return n >= 1 && n <= of ? { n, of, check: found[3]!, text: found[4]! } : null;
}

/** Parts of a code as they come, in whichever order and however often. */
export class CodeGatherer {
  #check = '';
  #parts: (string | undefined)[] = [];

  /** How many parts there are, and how many have come. */
  get progress(): { have: number; of: number } {
    return {
      have: this.#parts.filter((part) => part !== undefined).length,
      of: this.#parts.length,
    };
  }

  /**
   * Takes a part; one of another code begins anew.
   *
   * @returns whether all parts are there
   */
  take({ n, of, check, text }: CodePart): boolean {
    if (check !== this.#check || of !== this.#parts.length) {
      this.#check = check;
      this.#parts = Array.from({ length: of });
    }
    this.#parts[n - 1] = text;
    return this.#parts.every((part) => part !== undefined);
  }

  /**
   * What the parts say together.
   *
   * @throws BadCode
   */
  value(): unknown {
    const whole = this.#parts.join('');
    if (checkOf(whole) !== this.#check) throw new BadCode('damaged');
    try {
      const packed = fromBase45(whole);
      const out = new Uint8Array(MOST_BYTES);
      return JSON.parse(strFromU8(inflateSync(packed, { out })));
    } catch {
      throw new BadCode('damaged');
    }
  }
}

/**
 * Reads a text with every part of a code in it, a part a line, as the card writes it into a file.
 *
 * @throws BadCode
 */
export function fromCodes(text: string): unknown {
  const parts = text
    .split(/\r?\n/)
    .map((line) => readPart(line))
    .filter((part) => part !== null);
  if (parts.length === 0) throw new BadCode('foreign');
  const gatherer = new CodeGatherer();
  let isWhole = false;
  for (const part of parts) isWhole = gatherer.take(part);
  if (!isWhole) throw new BadCode('damaged');
  return gatherer.value();
}
