import {
  capturesFromFile,
  handFromFile,
  readOpMeasureFile,
  type OpMeasureFile,
} from '@open-palm/contract';
import { BOW_SIZES } from '@open-palm/core/bow';
import { REFERENCE_MIDDLE_FINGER, type HandFacts } from '@open-palm/core/hand';
import { adaptHold, holdById, type Hold } from '@open-palm/core/holds';
import { InputError, type Issue } from '@open-palm/core/issue';
import { malformed } from '@open-palm/core/problem';
import { findLookIssues, type Look } from '@open-palm/core/measure';

/** A look as a measure file tells of it, free of issues. */
export interface ReadLook {
  look: Look;
  /** With the file's settings and sizes. */
  hold: Hold;
  hand: HandFacts;
}

/**
 * Reads a measure file into a look.
 *
 * @param content parsed JSON
 * @param holdId taken instead of the file's own hold
 * @throws InputError with everything that is wrong with the file
 */
export function readLook(content: unknown, holdId?: string): ReadLook {
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
  return { look, hold, hand };
}

function wantedHold(file: OpMeasureFile, holdId?: string): string {
  const wanted = holdId ?? file.hold;
  if (wanted !== undefined) return wanted;
  throw new InputError([malformed('hold', { code: 'holdWanted' })]);
}

const plain = (issues: readonly Issue[]) =>
  issues.map((issue) => ({ ...issue, where: issue.where.replace(/^captures\[0\] /, '') }));
