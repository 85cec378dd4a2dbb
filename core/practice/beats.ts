/** How fast a metronome can go, beats a minute. */
export const SLOWEST_BPM = 30;
export const FASTEST_BPM = 208;

/** A beat with its time on the audio clock, seconds. */
export interface Beat {
  index: number;
  atS: number;
}

/**
 * The beats that fall into a stretch of time. Every beat is counted from the start, never from the one before, so that
 * nothing adds up: the 300th beat is where it belongs however late the timers were.
 *
 * @param startS when beat 0 falls, s
 * @param next index of the first beat that was not handed out yet
 * @param untilS the end of the stretch, not included
 * @example beatsUntil(0, 60, 0, 2.5).length // 3
 */
export function beatsUntil(startS: number, bpm: number, next: number, untilS: number): Beat[] {
  const beats: Beat[] = [];
  for (let index = next; ; index += 1) {
    const atS = startS + (index * 60) / bpm;
    if (atS >= untilS) return beats;
    beats.push({ index, atS });
  }
}

/**
 * The first beat that is not past at a time: what a page that slept skips to.
 *
 * @example nextBeatAfter(10, 60, 12.5) // 3
 */
export const nextBeatAfter = (startS: number, bpm: number, atS: number): number =>
  Math.max(0, Math.ceil(((atS - startS) * bpm) / 60));
