import type { Remote } from 'comlink';
import type { BowFacts, SeenBow } from '@open-palm/vision/findBow';
import type { HandSearch, Side } from '@open-palm/vision/findHand';
import type { Place } from '@open-palm/vision/picture';
import { WorkerGone, WorkerLine } from '../WorkerLine';
import type { VisionWorker } from './vision.worker';
import type { VisionFiles, VisionPicture, VisionProblem } from './visionMessages';

/** There is no hand finder, and why. */
export class NoVision extends Error {
  constructor(readonly problem: VisionProblem) {
    super(problem);
    this.name = 'NoVision';
  }
}

/** Where the build lists the hand finder's files. */
const LIST = '/vision/files.json';

/** The hand finder in its worker: nothing is loaded before it is opened, and closing it gives everything back. */
export class VisionClient {
  #line: WorkerLine<VisionWorker> | null = null;
  #opening: Promise<void> | null = null;
  #onProgress: (share: number) => void = () => undefined;

  /**
   * Loads what it needs, once; after a failure, or when its worker has broken, the next call tries again.
   *
   * @param onProgress told the share of all files that is there, 0 to 1
   * @throws NoVision
   */
  open(onProgress: (share: number) => void): Promise<void> {
    this.#onProgress = onProgress;
    if (this.#line?.gone) this.close();
    this.#opening ??= this.#open().catch((error: unknown) => {
      this.close();
      throw error;
    });
    return this.#opening;
  }

  /** Looks for the hand; its places are px of the picture itself. */
  find(picture: VisionPicture, side: Side): Promise<HandSearch> {
    return this.#ask((api) => api.find(sent(picture), side), NO_HAND);
  }

  /** Looks for the hand whose wrist and middle knuckle were touched. */
  findAt(picture: VisionPicture, side: Side, wrist: Place, middleMcp: Place): Promise<HandSearch> {
    return this.#ask((api) => api.findAt(sent(picture), side, wrist, middleMcp), NO_HAND);
  }

  /** Looks for the bow that a found hand holds; null where nothing is sure enough to be offered. */
  findBow(
    picture: VisionPicture,
    hand: readonly Place[],
    facts: BowFacts,
  ): Promise<SeenBow | null> {
    return this.#ask<SeenBow | null>((api) => api.findBow(sent(picture), hand, facts), null);
  }

  /** The stick's middle near each of two touches on it; null where no edges are near. */
  snap(
    picture: VisionPicture,
    places: readonly [Place, Place],
  ): Promise<readonly (Place | null)[]> {
    return this.#ask((api) => api.snap(sent(picture), places), [null, null]);
  }

  /** Whether its worker broke or fell silent: then nothing was found because nothing was looked for. */
  get isBroken(): boolean {
    const why = this.#line?.gone ?? null;
    return why !== null && why !== 'closed';
  }

  close(): void {
    this.#line?.close();
    this.#line = null;
    this.#opening = null;
  }

  async #open(): Promise<void> {
    const response = await fetch(LIST, { cache: 'no-cache' }).catch(() => null);
    const files = (await response?.json().catch(() => null)) as VisionFiles | null;
    if (!response?.ok || !files) throw new NoVision('missing');
    const line = new WorkerLine<VisionWorker>(new Worker(files.worker));
    this.#line = line;
    const problem = await line
      .askTelling(
        (share) => this.#onProgress(share),
        (api, onShare) => api.open(files, onShare),
      )
      .catch((error: unknown) => {
        if (error instanceof WorkerGone) throw new NoVision('missing');
        throw error;
      });
    if (problem) throw new NoVision(problem);
  }

  /** Where the worker is gone nothing is found, and whoever looks again opens another one. */
  async #ask<Answer>(
    question: (api: Remote<VisionWorker>) => Promise<Answer>,
    otherwise: Answer,
  ): Promise<Answer> {
    if (!this.#line) return otherwise;
    return this.#line.ask<Answer>(question).catch((error: unknown) => {
      if (error instanceof WorkerGone) return otherwise;
      throw error;
    });
  }
}

const NO_HAND: HandSearch = { outcome: 'noHand' };

/** Only what the worker needs: the rest of a picture stays on the page. */
const sent = ({ url, blob }: VisionPicture): VisionPicture => ({ url, blob });
