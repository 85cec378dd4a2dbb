/**
 * One thing wrong with what came in, as data: the words for it live in the strings catalogues, by `code`.
 * `where` is a path into the input (`hand[4]`, `bow.frogFront`), or a file or field name.
 */
export interface Issue {
  code: IssueCode;
  where: string;
  params?: Record<string, string | number>;
}

export type IssueCode =
  | 'malformed'
  | 'notJson'
  | 'unknownHold'
  | 'notThisView'
  | 'notANumber'
  | 'pointOutsidePicture'
  | 'coincidentPoints'
  | 'zeroLengthStick'
  | 'zeroLengthFrog'
  | 'frogBackAhead'
  | 'nonPositiveFrogLength'
  | 'looksMirrored'
  | 'implausibleJoint'
  | 'notMarked'
  | 'unknownMeasure'
  | 'unknownAnswer'
  | 'notApplicable'
  | 'nothingMarked'
  | 'nothingToFit'
  | 'tooManyPictures'
  | 'tooFewPoints'
  | 'samePicture'
  | 'otherHand'
  | 'mirroredPicture'
  | 'pictureContradicts'
  | 'differentHolds'
  | 'tooFewFrames'
  | 'timeRepeated'
  | 'timeBackward'
  | 'takeTooLong'
  | 'noWrist'
  | 'beyondPossible'
  | 'bandUpsideDown'
  | 'bandBeyondAnatomy';

/** Input that cannot be worked with. Expected: it is meant for a person and carries every issue found. */
export class InputError extends Error {
  readonly issues: readonly Issue[];

  constructor(issues: readonly Issue[]) {
    super(issues.map((issue) => `${issue.code} at ${issue.where}`).join('; '));
    this.name = 'InputError';
    this.issues = issues;
  }
}
