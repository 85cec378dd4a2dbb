import { captureFromFile, describeIssue, readOpMeasureFile } from '@open-palm/contract';
import { holdById, type Band } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import {
  findCaptureIssues,
  looksMirrored,
  sampleCapture,
  type Measure,
  type NotMeasured,
} from '@open-palm/core/measure';

interface MeasureAnswer {
  id: string;
  value: number | string;
  sd: number | null;
  unit: string;
  verdict: string;
  band: Band | null;
  /** Of a category: how probable it is. */
  probability?: number;
}

export interface MeasureFileAnswer {
  hold: { id: string; version: number };
  measures: MeasureAnswer[];
  notMeasured: NotMeasured[];
  warnings: string[];
}

/**
 * The measures of one picture told by a file.
 *
 * @param content parsed JSON
 * @param holdId taken instead of the file's own hold
 * @throws InputError with everything that is wrong with the file
 */
export function measureFile(content: unknown, holdId?: string): MeasureFileAnswer {
  const file = readOpMeasureFile(content);
  const wanted = holdId ?? file.hold;
  if (wanted === undefined) {
    const problem = 'expected the id of a hold, here or as --hold';
    throw new InputError([{ code: 'malformed', where: 'hold', params: { problem } }]);
  }
  const hold = holdById(wanted);
  const capture = captureFromFile(file);
  const issues = findCaptureIssues(capture);
  if (issues.length > 0) throw new InputError(issues);
  const { measures, notMeasured } = sampleCapture(capture, hold, file.context);
  const warnings = measures.flatMap((measure) =>
    measure.kind === 'number' && measure.implausible
      ? [
          {
            code: 'implausibleJoint' as const,
            where: measure.id,
            params: { value: round(measure.value) },
          },
        ]
      : [],
  );
  const mirrored = looksMirrored(capture, hold.hand === 'over')
    ? [{ code: 'looksMirrored' as const, where: 'side' }]
    : [];
  return {
    hold: { id: hold.id, version: hold.version },
    measures: measures.map(answerOf),
    notMeasured,
    warnings: [...mirrored, ...warnings].map(describeIssue),
  };
}

function answerOf(measure: Measure): MeasureAnswer {
  const { id, unit, verdict, band } = measure;
  return measure.kind === 'number'
    ? { id, value: round(measure.value), sd: round(measure.sd), unit, verdict, band }
    : {
        id,
        value: measure.value,
        sd: null,
        unit,
        verdict,
        band,
        probability: round(measure.probability),
      };
}

const round = (value: number) => Math.round(value * 1000) / 1000;
