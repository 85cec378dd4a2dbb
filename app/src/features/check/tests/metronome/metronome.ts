import { beatsUntil, nextBeatAfter } from '@open-palm/core/practice';

/** How far ahead beats are laid on the audio clock, s: more than the second for which hidden pages sleep. */
const AHEAD_S = 1.5;
const TIMER_MS = 250;
/** The first beat comes when the ear is ready, s. */
const LEAD_IN_S = 0.15;

const CLICK_S = 0.04;
const ACCENT_HZ = 1320;
const CLICK_HZ = 880;

/**
 * Starts a metronome on an audio clock. A timer only looks up which beats come next; when they sound is the clock's
 * business, so that a late timer never makes a late beat.
 *
 * @param accentEvery the first of so many beats is higher
 * @returns stops it at once
 */
export function startMetronome(context: AudioContext, bpm: number, accentEvery = 4): () => void {
  const startS = context.currentTime + LEAD_IN_S;
  let next = 0;
  let laid: OscillatorNode[] = [];
  const layBeats = () => {
    const nowS = context.currentTime;
    next = Math.max(next, nextBeatAfter(startS, bpm, nowS));
    for (const { index, atS } of beatsUntil(startS, bpm, next, nowS + AHEAD_S)) {
      laid.push(click(context, atS, index % accentEvery === 0 ? ACCENT_HZ : CLICK_HZ));
      next = index + 1;
    }
  };
  layBeats();
  const timer = setInterval(layBeats, TIMER_MS);
  return () => {
    clearInterval(timer);
    laid.forEach((node) => node.stop());
    laid = [];
  };

  function click(audio: AudioContext, atS: number, hz: number): OscillatorNode {
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    tone.frequency.value = hz;
    loudness.gain.setValueAtTime(0.4, atS);
    loudness.gain.exponentialRampToValueAtTime(0.001, atS + CLICK_S);
    tone.connect(loudness).connect(audio.destination);
    tone.onended = () => {
      loudness.disconnect();
      laid = laid.filter((other) => other !== tone);
    };
    tone.start(atS);
    tone.stop(atS + CLICK_S);
    return tone;
  }
}
