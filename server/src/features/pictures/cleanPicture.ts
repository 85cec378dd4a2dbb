import { answers } from '@open-palm/words/answers';
import type { Metadata } from 'sharp';
import { LONGEST_KEPT_SIDE_PX } from '@open-palm/contract';
import { Problem } from '../../problem';
import { refuseTooLarge } from './pictureSize';

const TAKEN_FORMATS = new Set(['jpeg', 'png', 'webp']);

/** Loaded with the first picture; one picture at a time and nothing kept between them, to spare the memory. */
async function loadSharp() {
  const { default: sharp } = await import('sharp');
  sharp.cache(false);
  sharp.concurrency(1);
  return sharp;
}

export interface CleanPicture {
  jpeg: Buffer;
  width: number;
  height: number;
}

/**
 * A picture made safe to keep: known by its content, upright, without metadata (where it was taken, by what), at
 * most 2,000 px on its long side, as JPEG.
 *
 * @throws Problem `unsupportedPicture` when it is none of JPEG, PNG, WebP; `tooManyPixels` when it would take too much
 *   memory to unpack; `damagedPicture` when it breaks off
 */
export async function cleanPicture(bytes: Buffer): Promise<CleanPicture> {
  const sharp = await loadSharp();
  const head = await headOf(sharp, bytes);
  if (!head?.format || !TAKEN_FORMATS.has(head.format)) {
    throw new Problem(415, 'unsupportedPicture', answers.notAPicture, 'picture');
  }
  refuseTooLarge(head);
  try {
    const { data, info } = await sharp(bytes, {
      failOn: 'truncated',
      sequentialRead: true,
      limitInputPixels: false,
    })
      .rotate()
      .resize({
        width: LONGEST_KEPT_SIDE_PX,
        height: LONGEST_KEPT_SIDE_PX,
        fit: 'inside',
        withoutEnlargement: true,
      })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: 88 })
      .toBuffer({ resolveWithObject: true });
    return { jpeg: data, width: info.width, height: info.height };
  } catch {
    throw new Problem(422, 'damagedPicture', answers.damagedPicture, 'picture');
  }
}

/** What the content itself shows of its format and size, if it is a picture at all. */
async function headOf(sharp: Sharp, bytes: Buffer): Promise<Metadata | undefined> {
  try {
    return await sharp(bytes, { limitInputPixels: false }).metadata();
  } catch {
    return undefined;
  }
}

type Sharp = Awaited<ReturnType<typeof loadSharp>>;
