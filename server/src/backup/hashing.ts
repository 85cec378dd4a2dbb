import { createHash } from 'node:crypto';
import { Transform, type TransformCallback } from 'node:stream';

/** Lets bytes through, and knows afterwards how many they were and their SHA-256. */
export class Hashing extends Transform {
  readonly #hash = createHash('sha256');
  #bytes = 0;

  /** @param most gives up as soon as more bytes than this have come: an archive may unfold into anything */
  constructor(
    readonly most = Infinity,
    readonly tooMany: () => Error = () => new Error('too many bytes'),
  ) {
    super();
  }

  override _transform(chunk: Buffer, _: BufferEncoding, done: TransformCallback): void {
    this.#bytes += chunk.length;
    if (this.#bytes > this.most) return done(this.tooMany());
    this.#hash.update(chunk);
    done(null, chunk);
  }

  /** Once all of it went through. */
  told(): { bytes: number; sha256: string } {
    return { bytes: this.#bytes, sha256: this.#hash.digest('hex') };
  }
}
