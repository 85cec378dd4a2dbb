import type { WriteTrouble } from './writeTrouble';

/** Nothing can be written, and nothing is there to be read. */
export class DiskTaken extends Error {
  /** As the system itself would say it. */
  readonly code: 'ENOSPC' | 'EROFS';

  constructor(trouble: WriteTrouble) {
    super(trouble);
    this.name = 'DiskTaken';
    this.code = trouble === 'full' ? 'ENOSPC' : 'EROFS';
  }
}
