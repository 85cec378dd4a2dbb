import { BONES } from '@open-palm/core/hand';
import { POINT_NAMES, type PlacedCapture, type PointName } from '@open-palm/core/measure';
import { COCO_CATEGORY, type CocoFile } from './cocoSchema';

/** Captures as a COCO keypoints file; `readCoco` gives them back unchanged. */
export function writeCoco(
  captures: readonly { fileName: string; capture: PlacedCapture }[],
): CocoFile {
  return {
    info: { description: 'Hands on bows, marked in Open Palm', version: '1' },
    licenses: [],
    categories: [
      {
        id: 1,
        name: COCO_CATEGORY,
        supercategory: 'hand',
        keypoints: [...POINT_NAMES],
        // Pairs of places in the list of keypoints, counted from 1 as the format has it.
        skeleton: BONES.map((pair) => pair.map((name) => POINT_NAMES.indexOf(name) + 1)),
      },
    ],
    images: captures.map(({ fileName, capture }, i) => ({
      id: i + 1,
      ...capture.image,
      file_name: fileName,
    })),
    annotations: captures.map(({ capture }, i) => annotationOf(capture, i + 1)),
  };
}

function annotationOf(capture: PlacedCapture, id: number): CocoFile['annotations'][number] {
  const { points, view, side, place, frogLength } = capture;
  const seen = Object.values(points);
  const [left, top] = [least(seen.map(({ x }) => x)), least(seen.map(({ y }) => y))];
  const width = -least(seen.map(({ x }) => -x)) - left;
  const height = -least(seen.map(({ y }) => -y)) - top;
  const sigmaOf = (name: PointName) => points[name]?.sigma ?? 0;
  return {
    id,
    image_id: id,
    category_id: 1,
    iscrowd: 0,
    bbox: [left, top, width, height],
    area: width * height,
    num_keypoints: seen.length,
    keypoints: POINT_NAMES.flatMap((name) => {
      const point = points[name];
      return point ? [point.x, point.y, 2] : [0, 0, 0];
    }),
    attributes: {
      view,
      side,
      ...(place ? { place } : {}),
      frog_length_mm: frogLength.mm,
      frog_sd_mm: frogLength.sdMm,
      sigma_px: POINT_NAMES.map(sigmaOf),
    },
  };
}

/** The least of some numbers; 0 of none. */
const least = (numbers: readonly number[]) => (numbers.length === 0 ? 0 : Math.min(...numbers));
