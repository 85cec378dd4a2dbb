import {
  capturesFromFile,
  describeIssue,
  handFromFile,
  readOpMeasureFile,
  type OpMeasureFile,
} from '@open-palm/contract';
import { BOW_SIZES } from '@open-palm/core/bow';
import { REFERENCE_MIDDLE_FINGER } from '@open-palm/core/hand';
import { adaptHold, holdById, type Band } from '@open-palm/core/holds';
import { InputError, type Issue } from '@open-palm/core/issue';
import {
  findLookIssues,
  looksMirrored,
  measureCheck,
  sampleCapture,
  type MergedMeasure,
  type NotMeasured,
} from '@open-palm/core/measure';

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
  /** Where several sources tell of it: the pictures by their place in the file, null for an answer by tap. */
  sources?: (number | null)[];
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
  const file = readOpMeasureFile(content);
  const hand = handFromFile(file);
  const hold = adaptHold(holdById(wantedHold(file, holdId)), file.settings, {
    bow: BOW_SIZES[file.bowSize],
    hand: hand.middleFinger.mm / REFERENCE_MIDDLE_FINGER.mm,
  });
  const look = {
    context: file.context ?? ('free' as const),
    captures: capturesFromFile(file),
    taps: file.taps,
  };
  const issues = findLookIssues(look, hold);
  // With one picture its points need no number in front.
  if (issues.length > 0) throw new InputError(look.captures.length === 1 ? plain(issues) : issues);
  const { measures, notMeasured } = measureCheck(look, hold, hand, sampleCapture);
  const warnings = [
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

function wantedHold(file: OpMeasureFile, holdId?: string): string {
  const wanted = holdId ?? file.hold;
  if (wanted !== undefined) return wanted;
  const problem = 'expected the id of a hold, here or as --hold';
  throw new InputError([{ code: 'malformed', where: 'hold', params: { problem } }]);
}

const plain = (issues: readonly Issue[]) =>
  issues.map((issue) => ({ ...issue, where: issue.where.replace(/^captures\[0\] /, '') }));

function answerOf({ measure, place, sources, conflict }: MergedMeasure): MeasureAnswer {
  const { id, unit, verdict } = measure;
  const more = {
    ...(place ? { place } : {}),
    ...(sources.length > 1 ? { sources: sources.map(({ capture }) => capture) } : {}),
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
