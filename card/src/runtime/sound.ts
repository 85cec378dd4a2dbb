import { beatsUntil, nextBeatAfter } from '@open-palm/core/practice/beats';

/** How far ahead beats are handed to the audio clock, and how often, s. */
const AHEAD_S = 0.25;
const EVERY_MS = 80;

type Audio = typeof globalThis & { webkitAudioContext?: typeof AudioContext };

/** Clicks and a soft bell; silent where the browser has no sound. */
export class Sound {
  #context: AudioContext | null = null;
  #timer: ReturnType<typeof setInterval> | undefined;

  get #audio(): AudioContext | null {
    const Context = globalThis.AudioContext ?? (globalThis as Audio).webkitAudioContext;
    if (!this.#context && Context) this.#context = new Context();
    void this.#context?.resume();
    return this.#context;
  }

  bell(): void {
    const audio = this.#audio;
    if (audio) tone(audio, audio.currentTime, 660, 0.5, 0.25);
  }

  /** Beats until it is stopped. */
  start(bpm: number, onBeat: () => void): void {
    this.stop();
    const audio = this.#audio;
    if (!audio) return;
    const startS = audio.currentTime + 0.1;
    let next = 0;
    this.#timer = setInterval(() => {
      next = Math.max(next, nextBeatAfter(startS, bpm, audio.currentTime));
      for (const { index, atS } of beatsUntil(startS, bpm, next, audio.currentTime + AHEAD_S)) {
        tone(audio, atS, 880, 0.05, 0.3);
        setTimeout(onBeat, Math.max(0, (atS - audio.currentTime) * 1000));
        next = index + 1;
      }
    }, EVERY_MS);
  }

  stop(): void {
    clearInterval(this.#timer);
    this.#timer = undefined;
  }
}

function tone(audio: AudioContext, atS: number, hz: number, seconds: number, loud: number): void {
  const [wave, gain] = [audio.createOscillator(), audio.createGain()];
  wave.frequency.value = hz;
  gain.gain.setValueAtTime(loud, atS);
  gain.gain.exponentialRampToValueAtTime(0.001, atS + seconds);
  wave.connect(gain).connect(audio.destination);
  wave.start(atS);
  wave.stop(atS + seconds);
}
