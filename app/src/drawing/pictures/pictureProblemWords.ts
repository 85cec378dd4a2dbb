import { LARGEST_PICTURE_BYTES } from '@open-palm/contract/picture';
import { strings } from '../../foundation/strings';
import { MOST_PIXELS, PictureProblem } from './preparePicture';

/** Why a chosen file cannot be measured, in words. */
export function pictureProblemWords(error: unknown): string {
  const words = strings.check.problems;
  if (!(error instanceof PictureProblem)) return words.damaged;
  switch (error.kind) {
    case 'tooLarge':
      return words.tooLarge(LARGEST_PICTURE_BYTES / 1024 / 1024);
    case 'tooManyPixels':
      return words.tooManyPixels(MOST_PIXELS / 1_000_000);
    default:
      return words[error.kind];
  }
}
