/** Why a file is no clip that can be read. */
export type ClipTrouble = 'unplayable' | 'soundOnly' | 'tooShort';

/** A file that cannot be read as a clip, and why. */
export class ClipProblem extends Error {
  constructor(readonly trouble: ClipTrouble) {
    super(trouble);
    this.name = 'ClipProblem';
  }
}

/** A frame of a clip as a picture. */
export interface ClipFrame {
  /** Time in the clip, s. */
  timeS: number;
  blob: Blob;
  /** An address under which this page shows it; to be given back. */
  url: string;
  /** The same, small enough for a strip of many. */
  thumbUrl: string;
  width: number;
  height: number;
}

/** Frames are brought to this long side, px: a hand needs no more, and a hundred of them have to fit into memory. */
const LONGEST_SIDE_PX = 960;
const JPEG_QUALITY = 0.9;
const THUMB_HEIGHT_PX = 128;

/** A clip with less than this has no stroke in it, s. */
const SHORTEST_S = 0.5;

/** A frame that does not come within this is not coming, ms. */
const PATIENCE_MS = 10_000;

/** The end of a clip whose file does not say how long it is, s: the browser goes to the last frame there is. */
const FAR_END_S = 1e7;

/** A clip that the browser plays, read frame by frame at any time of it. The file itself stays where it is. */
export class ClipReader {
  readonly #video: HTMLVideoElement;
  readonly #url: string;
  /** One for all frames: a new one for each would fill the memory faster than it is given back. */
  readonly #canvas = new OffscreenCanvas(1, 1);
  #durationS = 0;
  /** What the one video and canvas are busy with: whoever asks meanwhile waits. */
  #turn: Promise<unknown> = Promise.resolve();

  private constructor(file: Blob) {
    this.#url = URL.createObjectURL(file);
    this.#video = document.createElement('video');
    Object.assign(this.#video, { muted: true, playsInline: true, preload: 'auto' });
  }

  /** @throws ClipProblem when the browser cannot play it, or it shows nothing */
  static async open(file: Blob): Promise<ClipReader> {
    const reader = new ClipReader(file);
    try {
      await reader.#load();
      return reader;
    } catch (error) {
      reader.close();
      throw error;
    }
  }

  get durationS(): number {
    return this.#durationS;
  }

  /** The element that shows the clip; it stands at the frame that was last asked for. */
  get video(): HTMLVideoElement {
    return this.#video;
  }

  /** Size of the frames that it gives, px, turned as the camera says. */
  get size(): { width: number; height: number } {
    const { videoWidth, videoHeight } = this.#video;
    const scale = Math.min(1, LONGEST_SIDE_PX / Math.max(videoWidth, videoHeight));
    return { width: Math.round(videoWidth * scale), height: Math.round(videoHeight * scale) };
  }

  /**
   * Goes to a time and shows what is there.
   *
   * @throws ClipProblem when the clip cannot be read there
   */
  seek(timeS: number): Promise<void> {
    return this.#inTurn(() => this.#seek(timeS));
  }

  async #seek(timeS: number): Promise<void> {
    const video = this.#video;
    // The last frame ends where the clip does: exactly there nothing is shown.
    const at = Math.max(0, Math.min(timeS, this.#durationS - 0.01));
    if (Math.abs(video.currentTime - at) < 1e-4 && video.readyState >= 2 && !video.seeking) return;
    await this.#when('seeked', () => (video.currentTime = at));
  }

  /**
   * @param mirrored shown the other way round, for cameras that mirror
   * @throws ClipProblem when the clip cannot be read there
   */
  frameAt(timeS: number, mirrored: boolean): Promise<ClipFrame> {
    return this.#inTurn(() => this.#frameAt(timeS, mirrored));
  }

  async #frameAt(timeS: number, mirrored: boolean): Promise<ClipFrame> {
    await this.#seek(timeS);
    const { width, height } = this.size;
    const thumb = await this.#drawn((THUMB_HEIGHT_PX * width) / height, THUMB_HEIGHT_PX, mirrored);
    const blob = await this.#drawn(width, height, mirrored);
    const [url, thumbUrl] = [blob, thumb].map((one) => URL.createObjectURL(one));
    return { timeS, blob, url: url!, thumbUrl: thumbUrl!, width, height };
  }

  #inTurn<T>(act: () => Promise<T>): Promise<T> {
    const next = this.#turn.then(act);
    this.#turn = next.catch(() => undefined);
    return next;
  }

  async #drawn(width: number, height: number, mirrored: boolean): Promise<Blob> {
    const canvas = this.#canvas;
    Object.assign(canvas, { width: Math.round(width), height: Math.round(height) });
    const context = canvas.getContext('2d')!;
    if (mirrored) context.setTransform(-1, 0, 0, 1, canvas.width, 0);
    context.drawImage(this.#video, 0, 0, canvas.width, canvas.height);
    return canvas.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
  }

  /** Gives the clip and its memory back. */
  close(): void {
    this.#video.remove();
    this.#video.removeAttribute('src');
    this.#video.load();
    URL.revokeObjectURL(this.#url);
  }

  async #load(): Promise<void> {
    const video = this.#video;
    await this.#when('loadedmetadata', () => (video.src = this.#url));
    if (video.videoWidth === 0) throw new ClipProblem('soundOnly');
    if (!Number.isFinite(video.duration)) {
      // A clip recorded in a browser does not say how long it is before its end was seen.
      await this.#when('seeked', () => (video.currentTime = FAR_END_S));
      this.#durationS = Number.isFinite(video.duration) ? video.duration : video.currentTime;
    } else {
      this.#durationS = video.duration;
    }
    if (this.#durationS < SHORTEST_S) throw new ClipProblem('tooShort');
    await this.seek(0);
  }

  /** Does something and waits for what the video says to it. */
  #when(event: 'loadedmetadata' | 'seeked', act: () => void): Promise<void> {
    const video = this.#video;
    return new Promise((resolve, reject) => {
      const stop = new AbortController();
      const fail = () => {
        stop.abort();
        clearTimeout(timer);
        reject(new ClipProblem('unplayable'));
      };
      const timer = setTimeout(fail, PATIENCE_MS);
      const done = () => {
        stop.abort();
        clearTimeout(timer);
        resolve();
      };
      video.addEventListener(event, done, { signal: stop.signal });
      video.addEventListener('error', fail, { signal: stop.signal });
      act();
    });
  }
}
