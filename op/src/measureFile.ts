import { describeIssue } from '@open-palm/words/describe';
import { atOnce, fitLookInSteps, lookFitsOf } from '@open-palm/core/fit';
import type { Band } from '@open-palm/core/holds';
import type { Issue } from '@open-palm/core/issue';
import {
  looksMirrored,
  measureCheck,
  sampleCapture,
  type MergedMeasure,
  type NotMeasured,
} from '@open-palm/core/measure';
import { readLook } from './readLook';

interface MeasureAnswer {
  id: string;
  /** A number, the name of a category, or null for what was looked at and called good. */
  value: number | string | null;
  sd: number | null;
  unit: string;
  verdict: string;
  band: Band | null;
  /** Of a category: how probable it is. */
  probability?: number;
  /** The place in the bow, where the look has one. */
  place?: string;
  /** Which way to turn the camera, where a bone was seen too obliquely for a firm number. */
  retake?: string;
  /**
   * Where several sources tell of it, best first: a picture by its place in the file, several of them for a hand that
   * was fitted to them, null for an answer by tap.
   */
  sources?: (number | number[] | null)[];
  /** True when they differ by more than their doubts. */
  conflict?: true;
}

export interface MeasureFileAnswer {
  hold: { id: string; version: number };
  measures: MeasureAnswer[];
  notMeasured: NotMeasured[];
  warnings: string[];
}

/**
 * Every measure of the look that a file tells of: with its value, or with the reason why it has none.
 *
 * @param content parsed JSON
 * @param holdId taken instead of the file's own hold
 * @throws InputError with everything that is wrong with the file
 */
export function measureFile(content: unknown, holdId?: string): MeasureFileAnswer {
  const { look, hold, hand } = readLook(content, holdId);
  const fits = atOnce(fitLookInSteps(look, hold, hand, 2));
  const { measures, notMeasured } = measureCheck(look, hold, hand, sampleCapture, lookFitsOf(fits));
  const warnings = [
    ...fits.flatMap((fit) => fit.issues),
    ...look.captures.flatMap((capture): Issue[] =>
      looksMirrored(capture, hold) ? [{ code: 'looksMirrored', where: 'side' }] : [],
    ),
    ...measures.flatMap(({ measure }): Issue[] =>
      measure.kind === 'number' && measure.implausible
        ? [
            {
              code: 'implausibleJoint',
              where: measure.id,
              params: { value: round(measure.value) },
            },
          ]
        : [],
    ),
  ];
  return {
    hold: { id: hold.id, version: hold.version },
    measures: measures.map(answerOf),
    notMeasured,
    warnings: warnings.map(describeIssue),
  };
}

function answerOf({ measure, place, sources, conflict }: MergedMeasure): MeasureAnswer {
  const { id, unit, verdict } = measure;
  const more = {
    ...(place ? { place } : {}),
    ...(sources.length > 1 || sources[0]?.fitted
      ? { sources: sources.map(({ capture, fitted }) => fitted ?? capture) }
      : {}),
    ...(conflict ? { conflict: true as const } : {}),
  };
  switch (measure.kind) {
    case 'number':
      return {
        id,
        value: round(measure.value),
        sd: round(measure.sd),
        unit,
        verdict,
        band: measure.band,
        ...(measure.retake ? { retake: measure.retake } : {}),
        ...more,
      };
    case 'category':
      return {
        id,
        value: measure.value,
        sd: null,
        unit,
        verdict,
        band: measure.band,
        probability: round(measure.probability),
        ...more,
      };
    case 'looked':
      return { id, value: null, sd: null, unit, verdict, band: null, ...more };
  }
}

const round = (value: number) => Math.round(value * 1000) / 1000;
