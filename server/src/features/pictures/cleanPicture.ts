import { LONGEST_KEPT_SIDE_PX } from '@open-palm/contract';
import { Problem } from '../../problem';

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
 * @throws Problem `unsupportedPicture` when it is none of JPEG, PNG, WebP; `damagedPicture` when it breaks off
 */
export async function cleanPicture(bytes: Buffer): Promise<CleanPicture> {
  const sharp = await loadSharp();
  const format = await formatOf(sharp, bytes);
  if (!format || !TAKEN_FORMATS.has(format)) {
    throw new Problem(
      415,
      'unsupportedPicture',
      'This file is not a JPEG, PNG or WebP picture, whatever its name says.',
      'picture',
    );
  }
  try {
    const { data, info } = await sharp(bytes, { failOn: 'truncated', sequentialRead: true })
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
    throw new Problem(
      422,
      'damagedPicture',
      'This picture is damaged or broke off on its way. Nothing was kept; please choose it again.',
      'picture',
    );
  }
}

/** The format that the content itself shows, if it is a picture at all. */
async function formatOf(sharp: Sharp, bytes: Buffer): Promise<string | undefined> {
  try {
    return (await sharp(bytes).metadata()).format;
  } catch {
    return undefined;
  }
}

type Sharp = Awaited<ReturnType<typeof loadSharp>>;
