import { LARGEST_PICTURE_BYTES } from '@open-palm/contract/picture';
import { imageDimensionsFromData } from 'image-dimensions';
import { pictureFormat, isComplete } from './pictureFormat';

/** A picture ready to be marked: upright, its size known. */
export interface PreparedPicture {
  /** What will be sent. */
  blob: Blob;
  /** An address under which this page shows it. */
  url: string;
  width: number;
  height: number;
}

/** A prepared picture with the id under which it is sent. */
export type ChosenPicture = PreparedPicture & { id: string };

export type PictureProblemKind = 'notAPicture' | 'tooLarge' | 'tooManyPixels' | 'damaged';

/** More than any phone's usual setting; opening more could end the page on a phone. */
export const MOST_PIXELS = 64_000_000;

/** A file that cannot be measured, and why. */
export class PictureProblem extends Error {
  constructor(readonly kind: PictureProblemKind) {
    super(kind);
    this.name = 'PictureProblem';
  }
}

/**
 * Checks a chosen file by its content and finds its size as it is shown.
 *
 * @throws PictureProblem
 */
export async function preparePicture(file: Blob): Promise<PreparedPicture> {
  if (file.size > LARGEST_PICTURE_BYTES) throw new PictureProblem('tooLarge');
  const bytes = new Uint8Array(await file.arrayBuffer());
  const format = pictureFormat(bytes);
  if (format === null) throw new PictureProblem('notAPicture');
  if (!isComplete(bytes, format)) throw new PictureProblem('damaged');
  // Asked of the file's head, before the pixels are unpacked.
  const size = imageDimensionsFromData(bytes);
  if (size && size.width * size.height > MOST_PIXELS) throw new PictureProblem('tooManyPixels');
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new PictureProblem('damaged');
  });
  const { width, height } = bitmap;
  bitmap.close();
  return { blob: file, url: URL.createObjectURL(file), width, height };
}

const FLIPPED_QUALITY = 0.92;

/** The same picture mirrored, for selfie cameras: always on a person's word, never on a guess. */
export async function flipPicture(picture: PreparedPicture): Promise<PreparedPicture> {
  const bitmap = await createImageBitmap(picture.blob);
  const canvas = document.createElement('canvas');
  canvas.width = picture.width;
  canvas.height = picture.height;
  const context = canvas.getContext('2d')!;
  context.translate(picture.width, 0);
  context.scale(-1, 1);
  context.drawImage(bitmap, 0, 0);
  bitmap.close();
  const blob = await new Promise<Blob | null>((resolve) =>
    canvas.toBlob(resolve, 'image/jpeg', FLIPPED_QUALITY),
  );
  if (!blob) throw new PictureProblem('damaged');
  URL.revokeObjectURL(picture.url);
  return { ...picture, blob, url: URL.createObjectURL(blob) };
}
