import { answers } from '@open-palm/words/answers';
import type { Metadata } from 'sharp';
import { Problem } from '../../problem';

/** Pixels in a million, as cameras are sold. */
const MEGA = 1e6;
/** Measured: 110 megapixels read from top to bottom take some 90 MB more than none. */
const MOST_IN_STRIPS = 120 * MEGA;
/** What has to be unpacked whole takes about 5 bytes a pixel, measured on 49 and 110 megapixels. */
const MOST_WHOLE = 24 * MEGA;

/** Orientations of a picture that lies on its side. */
const FIRST_LYING = 5;

/**
 * Refuses a picture by its head alone that would take too much memory to unpack.
 *
 * @throws Problem `tooManyPixels`
 */
export function refuseTooLarge({
  format,
  width = 0,
  height = 0,
  isProgressive,
  orientation = 1,
}: Metadata): void {
  const isWhole = isProgressive || (format !== 'jpeg' && orientation >= FIRST_LYING);
  const most = isWhole ? MOST_WHOLE : MOST_IN_STRIPS;
  if (width * height <= most) return;
  const megapixels = Math.round((width * height) / MEGA);
  throw new Problem(
    413,
    'tooManyPixels',
    answers.tooManyPixels(megapixels, most / MEGA),
    'picture',
  );
}
