import { useEffect, useRef, useState } from 'react';
import type { Place, Side } from '@open-palm/core/measure';
import { pickFile } from '../../../foundation/kit/pickFile';
import { pictureProblemWords } from '../../../drawing/pictures/pictureProblemWords';
import { preparePicture, PictureProblem } from '../../../drawing/pictures/preparePicture';
import { useVision } from '../../../foundation/workers/vision/useVision';
import { NoVision } from '../../../foundation/workers/vision/visionClient';
import { handMarksOf, newFrame, type MarkableFrame, type MarkKind } from '../frames/markableFrame';

export const STILL_PLACES = ['heel', 'middle', 'point'] as const satisfies readonly Place[];

/** Three pictures, each of one place of the bow, with the hand found in them where it is. */
export interface Stills {
  frames: Record<Place, MarkableFrame | null>;
  /** The place whose picture is looked at now. */
  busy: Place | null;
  problem: string | null;
  choose: (place: Place) => Promise<void>;
}

export function useStills(kind: MarkKind, side: Side): Stills {
  const vision = useVision();
  const [frames, setFrames] = useState<Stills['frames']>({ heel: null, middle: null, point: null });
  const [busy, setBusy] = useState<Place | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const urls = useRef(new Map<Place, string>());
  useEffect(() => {
    const opened = urls.current;
    return () => opened.forEach((url) => URL.revokeObjectURL(url));
  }, []);

  const handIn = async (picture: { url: string; blob: Blob }) => {
    if (kind === 'path') return null;
    try {
      await vision.open(() => undefined);
    } catch (error) {
      if (!(error instanceof NoVision)) throw error;
      return null;
    }
    return handMarksOf(await vision.find(picture, side));
  };
  const choose = async (place: Place) => {
    const file = await pickFile();
    if (!file) return;
    setBusy(place);
    try {
      const picture = await preparePicture(file);
      const before = urls.current.get(place);
      if (before) URL.revokeObjectURL(before);
      urls.current.set(place, picture.url);
      const frame = newFrame(
        { ...picture, thumbUrl: picture.url, timeS: STILL_PLACES.indexOf(place) },
        await handIn(picture),
      );
      setFrames((now) => ({ ...now, [place]: frame }));
      setProblem(null);
    } catch (error) {
      if (!(error instanceof PictureProblem)) throw error;
      setProblem(pictureProblemWords(error));
    } finally {
      setBusy(null);
    }
  };
  return { frames, busy, problem, choose };
}
