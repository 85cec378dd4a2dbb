import {
  capturesFromFile,
  fileFromCapture,
  readCoco,
  readOpMeasureFile,
  writeCoco,
  type CocoFile,
} from '@open-palm/contract';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { findCaptureIssues } from '@open-palm/core/measure';

/** What formats there are to convert to. */
export const FORMATS = ['coco', 'measure'] as const;

export type Format = (typeof FORMATS)[number];

/** Measure files made from COCO annotations, with a report of the rows that were refused. */
export interface ConvertedToMeasure {
  converted: { row: number; fileName: string | null; file: ReturnType<typeof fileFromCapture> }[];
  refused: { row: number; reasons: string[] }[];
}

/**
 * A measure file as COCO keypoints, or COCO keypoints as measure files, one for each annotation that can be read.
 *
 * @param content parsed JSON
 * @param name what the picture of a measure file is called in COCO
 * @throws InputError when the file as a whole is wrong
 */
export function convertFile(
  content: unknown,
  to: Format,
  name: string,
): CocoFile | ConvertedToMeasure {
  if (to === 'measure') return toMeasure(content);
  const captures = capturesFromFile(readOpMeasureFile(content));
  const issues = captures.flatMap(findCaptureIssues);
  if (issues.length > 0) throw new InputError(issues);
  return writeCoco(
    captures.map((capture, i) => ({
      fileName: captures.length === 1 ? name : `${name}-${i + 1}`,
      capture,
    })),
  );
}

function toMeasure(content: unknown): ConvertedToMeasure {
  const rows = readCoco(content);
  return {
    converted: rows.flatMap(({ row, fileName, capture }) =>
      capture ? [{ row, fileName, file: fileFromCapture(capture) }] : [],
    ),
    refused: rows.flatMap(({ row, capture, issues }) =>
      capture ? [] : [{ row, reasons: issues.map(describeIssue) }],
    ),
  };
}
