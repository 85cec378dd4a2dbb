import type { Picture, Place } from '@open-palm/vision/picture';
import type { VisionPicture } from './visionMessages';

/** Larger pictures are brought to this long side before they are searched, px: fingers need no more. */
const LONGEST_SEARCHED_SIDE_PX = 1280;

/** One for all pictures: a clip's fifty frames would fill the memory faster than it is given back. */
let canvas: OffscreenCanvas | undefined;

/** A picture's pixels, upright, and how much smaller they are than the picture itself. */
export interface OpenedPicture {
  pixels: Picture;
  scale: number;
}

/** Reads a picture's pixels as it is shown: its turn by the camera's word is heeded. */
export async function openPicture({ blob }: VisionPicture): Promise<OpenedPicture> {
  const bitmap = await createImageBitmap(blob);
  const scale = Math.min(1, LONGEST_SEARCHED_SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  canvas ??= new OffscreenCanvas(1, 1);
  Object.assign(canvas, { width, height });
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const { data } = context.getImageData(0, 0, width, height);
  return { pixels: { width, height, data }, scale };
}

export const scaled = ({ x, y }: Place, by: number): Place => ({ x: x * by, y: y * by });
