import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { pictureProblemWords } from '../../../drawing/pictures/pictureProblemWords';
import { flipPicture, preparePicture } from '../../../drawing/pictures/preparePicture';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';

/** Makes pictures ready to be marked, and says in words why one could not be used. */
export function usePictureMaker() {
  const [problem, setProblem] = useState<string | null>(null);
  const attempt = async (make: () => Promise<ChosenPicture | null>) => {
    try {
      const made = await make();
      if (made) setProblem(null);
      return made;
    } catch (error) {
      setProblem(pictureProblemWords(error));
      return null;
    }
  };
  return {
    problem,
    /** A picture from a file or from the camera; another one gets another id. */
    take: (file: Blob | null) =>
      attempt(async () => file && { ...(await preparePicture(file)), id: uuidv7() }),
    /** The same picture mirrored, under its id. */
    flip: (picture: ChosenPicture) =>
      attempt(async () => ({ ...(await flipPicture(picture)), id: picture.id })),
  };
}
