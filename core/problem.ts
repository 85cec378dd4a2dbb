import type { Issue } from './issue';

/** All that can be wrong with a value that came in, by what the words for it are found. */
export const PROBLEM_CODES = [
  // What any schema finds
  'missing',
  'notANumber',
  'notWhole',
  'notOneOf',
  'between',
  'tooLow',
  'tooHigh',
  'notAbove',
  'notBelow',
  'empty',
  'tooShort',
  'tooLong',
  'tooFew',
  'tooMany',
  'unknownParts',
  'noKnownKind',
  'wrongForm',
  'notRight',
  // Times, ids and names
  'uuid',
  'moment',
  'date',
  'year',
  'clockTime',
  'timeZone',
  'address',
  'noSuch',
  'idTwice',
  // Students, instruments and bows
  'nameNeeded',
  'holdId',
  'holdOfOther',
  'holdTooLong',
  'beyondBow',
  'beyondSuchBow',
  'bandOpen',
  'bandOrder',
  'bandMissing',
  'seatTaken',
  // Looks, takes and notes
  'pictureOrAnswer',
  'noSuchState',
  'agreedMissing',
  'aidOrder',
  'strokeOrder',
  'valuesForFrames',
  'stringTwice',
  'nothingSeen',
  'lastStep',
  // Files of the command line
  'noSuchFile',
  'unreadable',
  'holdWanted',
  'handPoint',
  'handPoints',
  'cannotShow',
  'confirmedMore',
  'checkOrder',
  'planDays',
  'thumbAtNought',
  'beyondTip',
  'behindButton',
  'webOnlyUnderHand',
  'fingerOrder',
  'frictionInTheAir',
  // Keypoints of pictures
  'noCategory',
  'pointsMissing',
  'pointTwice',
  'noImage',
  'otherCategory',
  'numbersExpected',
  'labelledExpected',
  // Tables
  'notJson',
  'notUtf8',
  'openQuote',
  'columnTwice',
  'columnMissing',
  'otherUnit',
  'noRows',
  'tooManyRows',
  'tooManyColumns',
  'cellTooLong',
  'beyondHead',
  'noKnownTable',
  'cellNotANumber',
  'timeNeeded',
  'noHand',
  'bothHands',
  'valueNeeded',
  'sdNeeded',
  'noCheckpoint',
  'rowTwice',
  'noDate',
  'dateOrder',
  'mixedDates',
  'severalStudents',
  'otherStudent',
  'otherLook',
  'noStudent',
  'notTheirInstrument',
  'instrumentTaken',
  'noHold',
  'moreLikeThese',
  'issue',
] as const;

export type ProblemCode = (typeof PROBLEM_CODES)[number];

/** One thing that is wrong with a value, as data; where it stands is told beside it. */
export interface Problem {
  code: ProblemCode;
  params?: Readonly<Record<string, string | number>>;
}

/**
 * A problem as the text that a schema carries in place of a sentence.
 *
 * @example problemText('between', { least: 20, most: 80 }) // '{"code":"between","params":{"least":20,"most":80}}'
 */
export const problemText = (code: ProblemCode, params?: Problem['params']): string =>
  JSON.stringify({ code, ...(params ? { params } : {}) });

/** The problem that a schema's text carries; null where it is some other text. */
export function problemIn(text: string): Problem | null {
  if (!text.startsWith('{"code":"')) return null;
  return JSON.parse(text) as Problem;
}

/** Something in what came in that is not of its kind. */
export const malformed = (where: string, { code, params }: Problem): Issue => ({
  code: 'malformed',
  where,
  params: { ...params, problem: code },
});

/** What is wrong with a value of its kind, as a problem of the place that it stands at. */
export const ofIssue = ({ code, where, params }: Issue): Problem => ({
  code: 'issue',
  params: { ...params, issue: code, at: where },
});
