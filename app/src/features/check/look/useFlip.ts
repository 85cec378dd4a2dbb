import { useState } from 'react';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import type { LookEvent } from './lookMachine';
import { usePictureMaker } from './usePictureMaker';

/** Turns a picture over, and the marks that are kept with it; false when it could not be done. */
export function useFlip(picture: ChosenPicture | null, send: (event: LookEvent) => void) {
  const { flip: make } = usePictureMaker();
  const [flipping, setFlipping] = useState(false);
  const flip = async (): Promise<boolean> => {
    if (!picture) return false;
    setFlipping(true);
    const turned = await make(picture);
    setFlipping(false);
    if (turned) send({ type: 'flipped', picture: turned });
    return turned !== null;
  };
  return { flipping, flip };
}
