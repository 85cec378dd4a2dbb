/** A file of the hand finder, as the build lists it. */
export interface VisionFile {
  address: string;
  bytes: number;
  /** SHA-256 of the content, hexadecimal. */
  sha256: string;
}

/** Everything that the hand finder is made of: written by the build beside the files. */
export interface VisionFiles {
  worker: string;
  palm: VisionFile;
  landmarks: VisionFile;
  /** The runner, for processors with newer instructions and for all others. */
  runner: Record<'newer' | 'all', { script: VisionFile; wasm: VisionFile }>;
}

/** Why there is no hand finder. */
export type VisionProblem = 'missing' | 'damaged' | 'unsupported';

/** A picture as it is handed to the worker; its address, another one once it is flipped, tells whether it was opened. */
export interface VisionPicture {
  url: string;
  blob: Blob;
}
