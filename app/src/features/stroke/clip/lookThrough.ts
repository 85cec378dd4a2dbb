import {
  cutStrokes,
  evenFrames,
  pickFrames,
  placesAlong,
  type StrokeCut,
} from '@open-palm/core/stroke';
import type { Side } from '@open-palm/core/measure';
import type { VisionClient } from '../../../foundation/workers/vision/visionClient';
import { handMarksOf, newFrame, wristFrame, type MarkableFrame } from '../frames/markableFrame';
import type { ClipReader } from './ClipReader';

/** On the first way through, the hand is looked for this often, s. */
const FIRST_SPACING_S = 0.2;

/** Which part of the first way through the whole work is, roughly: fast strokes need frames between. */
const FIRST_SHARE = 0.85;

/** What is looked through, and how. */
export interface Stretch {
  fromS: number;
  toS: number;
  side: Side;
  mirrored: boolean;
}

/** The frames of a clip that are to be marked, and the strokes that they show. */
export interface PickedClip {
  frames: MarkableFrame[];
  strokes: readonly StrokeCut[];
}

/**
 * Looks for the hand through a stretch of a clip, cuts it where the hand turns, and picks 8 to 12 frames of each stroke.
 *
 * @param vision the hand finder; without one the stretch counts as one stroke
 * @param seen frames by time that were looked at before; those that are looked at now are added, so that the work can be
 *   broken off and gone on with
 * @returns null when it was broken off
 * @throws ClipProblem when the clip cannot be read
 */
export async function lookThrough(
  reader: ClipReader,
  vision: VisionClient | null,
  { fromS, toS, side, mirrored }: Stretch,
  seen: Map<number, MarkableFrame>,
  { signal, onProgress }: { signal: AbortSignal; onProgress: (share: number) => void },
): Promise<PickedClip | null> {
  const lookAt = async (times: readonly number[], from: number, to: number) => {
    for (const [i, timeS] of times.entries()) {
      if (signal.aborted) return;
      if (!seen.has(timeS)) {
        const picture = await reader.frameAt(timeS, mirrored);
        const search = await vision?.find(picture, side);
        seen.set(timeS, newFrame(picture, handMarksOf(search)));
      }
      onProgress(from + ((to - from) * (i + 1)) / times.length);
    }
  };
  const count = Math.max(3, Math.floor((toS - fromS) / FIRST_SPACING_S) + 1);
  const first = Array.from({ length: count }, (_, i) => fromS + (i * (toS - fromS)) / (count - 1));
  await lookAt(first, 0, FIRST_SHARE);
  if (signal.aborted) return null;
  const strokes = strokesOf(first.map((timeS) => seen.get(timeS)!));
  const times = pickFrames(strokes, first);
  await lookAt(times, FIRST_SHARE, 1);
  if (signal.aborted) return null;
  return { frames: times.map((timeS) => seen.get(timeS)!), strokes };
}

/** Cut where the hand turns on its way through the picture; one stroke where it hardly moves. */
function strokesOf(frames: readonly MarkableFrame[]): readonly StrokeCut[] {
  const bowPlace = placesAlong(frames.map(wristFrame), null);
  const [fromS, toS] = [frames[0]!.picture.timeS, frames.at(-1)!.picture.timeS];
  if (bowPlace.every((place) => place === null)) return [{ fromS, toS, direction: null }];
  const timesS = frames.map(({ picture }) => picture.timeS);
  return cutStrokes(evenFrames({ timesS, channels: { bowPlace }, bridgedS: 1 }));
}
