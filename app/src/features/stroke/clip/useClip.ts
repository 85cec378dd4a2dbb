import { useEffect, useRef, useState } from 'react';
import type { Side } from '@open-palm/core/measure';
import { NoVision, type VisionClient } from '../../../foundation/workers/vision/visionClient';
import { useVision } from '../../../foundation/workers/vision/useVision';
import type { MarkableFrame, MarkKind } from '../frames/markableFrame';
import { ClipProblem, ClipReader, type ClipTrouble } from './ClipReader';
import { lookThrough, type PickedClip } from './lookThrough';

/** No more than this of a clip is looked through at once, s: a few strokes tell as much as a whole piece. */
export const LONGEST_STRETCH_S = 12;

/** In fewer frames than this share, what was found is no hand. */
const ENOUGH_FOUND = 0.4;

export type ClipStage =
  | { at: 'opening' }
  | { at: 'trouble'; trouble: ClipTrouble }
  /** A long clip: which part of it? */
  | { at: 'choosing'; fromS: number }
  | { at: 'loading'; share: number }
  | { at: 'looking'; share: number }
  | { at: 'paused'; share: number }
  | { at: 'noHand'; clip: PickedClip }
  | { at: 'picked'; clip: PickedClip };

/** An opened clip on its way to frames that can be marked. Leaving gives everything back. */
export interface OpenClip {
  stage: ClipStage;
  reader: ClipReader | null;
  mirrored: boolean;
  choose: (fromS: number) => void;
  begin: () => void;
  pause: () => void;
  /** Looks through it again, the other way round. */
  mirror: () => void;
  /** Takes the frames as they are, with the hand to be marked by hand. */
  takeAsIs: () => void;
}

/** @param kind the wrist needs the hand in most frames; for the bow's path it only finds the turns */
export function useClip(file: Blob, side: Side, kind: MarkKind): OpenClip {
  const vision = useVision();
  const [stage, setStage] = useState<ClipStage>({ at: 'opening' });
  const [reader, setReader] = useState<ClipReader | null>(null);
  const [mirrored, setMirrored] = useState(false);
  const seen = useRef(new Map<number, MarkableFrame>());
  const work = useRef<AbortController | null>(null);

  const look = async (clip: ClipReader, fromS: number, isMirrored: boolean) => {
    const stop = new AbortController();
    work.current = stop;
    const { signal } = stop;
    const show = (next: ClipStage) => {
      if (!signal.aborted) setStage(next);
    };
    try {
      show({ at: 'loading', share: 0 });
      const finder = await opened(vision, (share) => show({ at: 'loading', share }));
      show({ at: 'looking', share: 0 });
      const stretch = {
        fromS,
        toS: Math.min(clip.durationS, fromS + LONGEST_STRETCH_S),
        side,
        mirrored: isMirrored,
      };
      const picked = await lookThrough(clip, finder, stretch, seen.current, {
        signal,
        onProgress: (share) => show({ at: 'looking', share }),
      });
      if (!picked) return;
      // The models are the larger part of what the page holds: they are loaded again where they are needed again.
      vision.close();
      const found = picked.frames.filter(({ marks }) => marks.wrist).length;
      const lacksHand = kind === 'wrist' && found < ENOUGH_FOUND * picked.frames.length;
      show({ at: lacksHand ? 'noHand' : 'picked', clip: picked });
    } catch (error) {
      show({ at: 'trouble', trouble: troubleOf(error) });
    }
  };

  useEffect(() => {
    let opened: ClipReader | null = null;
    let left = false;
    const frames = seen.current;
    const open = async () => {
      try {
        const made = await ClipReader.open(file);
        if (left) return made.close();
        opened = made;
        setReader(made);
        if (made.durationS > LONGEST_STRETCH_S) setStage({ at: 'choosing', fromS: 0 });
        else void look(made, 0, false);
      } catch (error) {
        if (!left) setStage({ at: 'trouble', trouble: troubleOf(error) });
      }
    };
    void open();
    return () => {
      left = true;
      work.current?.abort();
      opened?.close();
      forget(frames);
    };
    // One clip for as long as the screen is open.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [file]);

  const fromS = useRef(0);
  const lookAgain = (isMirrored = mirrored) => {
    if (reader) void look(reader, fromS.current, isMirrored);
  };
  return {
    stage,
    reader,
    mirrored,
    choose: (at) => {
      fromS.current = at;
      setStage({ at: 'choosing', fromS: at });
    },
    begin: () => lookAgain(),
    pause: () => {
      work.current?.abort();
      setStage((now) => ({ at: 'paused', share: 'share' in now ? now.share : 0 }));
    },
    mirror: () => {
      forget(seen.current);
      setMirrored(!mirrored);
      lookAgain(!mirrored);
    },
    takeAsIs: () =>
      setStage((now) => (now.at === 'noHand' ? { at: 'picked', clip: now.clip } : now)),
  };
}

function forget(frames: Map<number, MarkableFrame>): void {
  for (const { picture } of frames.values()) {
    URL.revokeObjectURL(picture.url);
    URL.revokeObjectURL(picture.thumbUrl);
  }
  frames.clear();
}

/** The finder, or null where there is none: then the hand is marked by hand. */
async function opened(
  vision: VisionClient,
  onProgress: (share: number) => void,
): Promise<VisionClient | null> {
  try {
    await vision.open(onProgress);
    return vision;
  } catch (error) {
    if (!(error instanceof NoVision)) throw error;
    return null;
  }
}

function troubleOf(error: unknown): ClipTrouble {
  if (error instanceof ClipProblem) return error.trouble;
  console.error(error);
  return 'unplayable';
}
