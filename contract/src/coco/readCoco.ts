import { HAND_POINTS } from '@open-palm/core/hand';
import { MEASURED_FROG_SD_MM, REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import { InputError, type Issue } from '@open-palm/core/issue';
import { malformed } from '@open-palm/core/problem';
import {
  findCaptureIssues,
  POINT_NAMES,
  type PlacedCapture,
  type PointName,
} from '@open-palm/core/measure';
import { issuesFromZod } from '../zodIssues';
import {
  COCO_CATEGORY,
  cocoAnnotationSchema,
  cocoFrameSchema,
  type CocoAnnotation,
} from './cocoSchema';

/** One annotation of a file: a capture, or why it is none. */
export interface CocoRow {
  /** Its place in the file's `annotations`. */
  row: number;
  fileName: string | null;
  capture: PlacedCapture | null;
  issues: Issue[];
}

/** Files with more rows than this are refused as a whole: no studio has so many. */
export const MOST_COCO_ROWS = 20_000;

type Frame = ReturnType<typeof frameOf>;

/**
 * Reads captures out of a COCO keypoints file, matching points by their names.
 *
 * @param content parsed JSON
 * @returns a report for every annotation, in order: its capture, or what is wrong with it and where
 * @throws InputError when the file as a whole cannot be read: no such category, points missing from it, too many rows
 */
export function readCoco(content: unknown): CocoRow[] {
  const frame = frameOf(content);
  return frame.annotations.map((annotation, row) => readRow(annotation, row, frame));
}

function frameOf(content: unknown) {
  const result = cocoFrameSchema.safeParse(content);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'file'));
  const { images, annotations, categories } = result.data;
  if (annotations.length > MOST_COCO_ROWS) {
    throw new InputError([
      malformed('annotations', {
        code: 'tooManyRows',
        params: { rows: annotations.length, most: MOST_COCO_ROWS },
      }),
    ]);
  }
  const at = categories.findIndex(({ name }) => name === COCO_CATEGORY);
  const category = categories[at];
  if (!category) {
    const found = categories.map(({ name }) => `"${name}"`).join(', ') || 'none';
    throw new InputError([
      malformed('categories', { code: 'noCategory', params: { wanted: COCO_CATEGORY, found } }),
    ]);
  }
  const where = `categories[${at}].keypoints`;
  const keypoints = category.keypoints ?? [];
  const missing = [...HAND_POINTS, ...REQUIRED_BOW_POINTS].filter(
    (name) => !keypoints.includes(name),
  );
  if (missing.length > 0) {
    throw new InputError([
      malformed(where, { code: 'pointsMissing', params: { names: missing.join(', ') } }),
    ]);
  }
  const twice = keypoints.find((name, i) => keypoints.indexOf(name) !== i);
  if (twice !== undefined)
    throw new InputError([malformed(where, { code: 'pointTwice', params: { name: twice } })]);
  return {
    annotations,
    keypoints,
    categoryId: category.id,
    imageById: new Map(images.map((image) => [image.id, image])),
  };
}

function readRow(annotation: unknown, row: number, frame: Frame): CocoRow {
  const where = `annotations[${row}]`;
  const result = cocoAnnotationSchema.safeParse(annotation);
  if (!result.success) {
    const issues = issuesFromZod(result.error, '').map((issue) => ({
      ...issue,
      where: issue.where ? `${where}.${issue.where}` : where,
    }));
    return { row, fileName: null, capture: null, issues };
  }
  const image = frame.imageById.get(result.data.image_id);
  const problem = countProblem(result.data, where, frame);
  if (problem || !image) {
    const issue = problem ?? malformed(`${where}.image_id`, { code: 'noImage' });
    return { row, fileName: image?.file_name ?? null, capture: null, issues: [issue] };
  }
  const capture = captureOf(result.data, image, frame.keypoints);
  const issues = findCaptureIssues(capture).map((issue) => ({
    ...issue,
    where: `${where} ${issue.where}`,
  }));
  return { row, fileName: image.file_name, capture: issues.length === 0 ? capture : null, issues };
}

/** What does not add up in a row before its points are looked at. */
function countProblem(
  { category_id, keypoints, num_keypoints, attributes }: CocoAnnotation,
  where: string,
  frame: Frame,
): Issue | null {
  if (category_id !== frame.categoryId) {
    const params = { wanted: COCO_CATEGORY };
    return malformed(`${where}.category_id`, { code: 'otherCategory', params });
  }
  const wanted = frame.keypoints.length * 3;
  if (keypoints.length !== wanted) {
    const params = { found: keypoints.length, wanted };
    return malformed(`${where}.keypoints`, { code: 'numbersExpected', params });
  }
  const labelled = keypoints.filter((v, i) => i % 3 === 2 && v > 0).length;
  if (labelled !== num_keypoints) {
    const params = { told: num_keypoints, marked: labelled };
    return malformed(`${where}.num_keypoints`, { code: 'labelledExpected', params });
  }
  const { sigma_px: sigma } = attributes;
  if (Array.isArray(sigma) && sigma.length !== frame.keypoints.length) {
    const params = { found: sigma.length, wanted: frame.keypoints.length };
    return malformed(`${where}.attributes.sigma_px`, { code: 'numbersExpected', params });
  }
  return null;
}

function captureOf(
  { keypoints, attributes }: CocoAnnotation,
  image: { width: number; height: number },
  names: readonly string[],
): PlacedCapture {
  const points: PlacedCapture['points'] = {};
  const { sigma_px: sigma, mirrored } = attributes;
  names.forEach((name, i) => {
    const [x, y, v] = keypoints.slice(i * 3, i * 3 + 3) as [number, number, number];
    // What is hidden was only guessed at; it counts as not seen.
    if (v !== 2 || !(POINT_NAMES as readonly string[]).includes(name)) return;
    points[name as PointName] = {
      x: mirrored ? image.width - x : x,
      y,
      sigma: Array.isArray(sigma) ? sigma[i]! : sigma,
    };
  });
  return {
    view: attributes.view,
    side: attributes.side,
    place: attributes.place ?? null,
    image: { width: image.width, height: image.height },
    points,
    frogLength: {
      mm: attributes.frog_length_mm,
      sdMm: attributes.frog_sd_mm ?? MEASURED_FROG_SD_MM,
    },
  };
}
