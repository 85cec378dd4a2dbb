import type { HandSearch, Side } from '@open-palm/vision/findHand';
import type { Place } from '@open-palm/vision/picture';
import type {
  VisionAnswer,
  VisionFiles,
  VisionPicture,
  VisionProblem,
  VisionQuestion,
} from './visionMessages';

/** There is no hand finder, and why. */
export class NoVision extends Error {
  constructor(readonly problem: VisionProblem) {
    super(problem);
    this.name = 'NoVision';
  }
}

/** Where the build lists the hand finder's files. */
const LIST = '/vision/files.json';

type Numbered = Extract<VisionAnswer, { number: number }>;

/** The hand finder in its worker: nothing is loaded before it is opened, and closing it gives everything back. */
export class VisionClient {
  #worker: Worker | null = null;
  #opening: Promise<void> | null = null;
  #onProgress: (share: number) => void = () => undefined;
  #asked = 0;
  readonly #waiting = new Map<number, (answer: Numbered) => void>();

  /**
   * Loads what it needs, once; after a failure the next call tries again.
   *
   * @param onProgress told the share of all files that is there, 0 to 1
   * @throws NoVision
   */
  open(onProgress: (share: number) => void): Promise<void> {
    this.#onProgress = onProgress;
    this.#opening ??= this.#open().catch((error: unknown) => {
      this.close();
      throw error;
    });
    return this.#opening;
  }

  /** Looks for the hand; its places are px of the picture itself. */
  find(picture: VisionPicture, side: Side): Promise<HandSearch> {
    return this.#search({ kind: 'find', picture: sent(picture), side });
  }

  /** Looks for the hand whose wrist and middle knuckle were touched. */
  findAt(picture: VisionPicture, side: Side, wrist: Place, middleMcp: Place): Promise<HandSearch> {
    return this.#search({ kind: 'findAt', picture: sent(picture), side, wrist, middleMcp });
  }

  /** The stick's middle near each of two touches on it; null where no edges are near. */
  async snap(
    picture: VisionPicture,
    places: readonly [Place, Place],
  ): Promise<readonly (Place | null)[]> {
    const answer = await this.#ask({ kind: 'snap', picture: sent(picture), places });
    return answer.kind === 'snapped' ? answer.places : [null, null];
  }

  close(): void {
    this.#worker?.terminate();
    this.#worker = null;
    this.#opening = null;
    this.#waiting.clear();
  }

  async #open(): Promise<void> {
    const response = await fetch(LIST, { cache: 'no-cache' }).catch(() => null);
    const files = (await response?.json().catch(() => null)) as VisionFiles | null;
    if (!response?.ok || !files) throw new NoVision('missing');
    const worker = new Worker(files.worker);
    this.#worker = worker;
    await new Promise<void>((resolve, reject) => {
      worker.onerror = () => reject(new NoVision('missing'));
      worker.onmessage = ({ data }: MessageEvent<VisionAnswer>) => {
        if (data.kind === 'progress') this.#onProgress(data.share);
        else if (data.kind === 'ready') resolve();
        else if (data.kind === 'problem') reject(new NoVision(data.problem));
        else {
          this.#waiting.get(data.number)?.(data);
          this.#waiting.delete(data.number);
        }
      };
      worker.postMessage({ kind: 'open', files } satisfies VisionQuestion);
    });
  }

  async #search(
    question:
      | { kind: 'find'; picture: VisionPicture; side: Side }
      | {
          kind: 'findAt';
          picture: VisionPicture;
          side: Side;
          wrist: Place;
          middleMcp: Place;
        },
  ): Promise<HandSearch> {
    const answer = await this.#ask(question);
    return answer.kind === 'found' ? answer.search : { outcome: 'noHand' };
  }

  #ask(question: DistributiveOmit<VisionQuestion, 'number'>): Promise<Numbered> {
    this.#asked += 1;
    const number = this.#asked;
    this.#worker?.postMessage({ ...question, number });
    return new Promise((resolve) => this.#waiting.set(number, resolve));
  }
}

/** Only what the worker needs: the rest of a picture stays on the page. */
const sent = ({ url, blob }: VisionPicture): VisionPicture => ({ url, blob });

type DistributiveOmit<T, K extends PropertyKey> = T extends { number: number } ? Omit<T, K> : never;
