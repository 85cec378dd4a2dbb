import type { Check, CheckInput } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import {
  familyStandings,
  findCaptureIssues,
  gripContacts,
  sampleCapture,
  type Capture,
  type Family,
  type Standing,
} from '@open-palm/core/measure';

export interface JudgedCheck {
  check: Check;
  standings: Record<Family, Standing>;
}

/**
 * Works a check out anew from its points: what is kept never rests on a client's arithmetic.
 *
 * @throws InputError with every point that cannot be measured, or an unknown hold
 */
export function judgeCheck(id: string, input: CheckInput): JudgedCheck {
  const hold = holdById(input.holdId);
  const capture: Capture = input.captures[0]!;
  const issues = findCaptureIssues(capture).map((issue) => ({
    ...issue,
    where: issue.where === 'frogLengthMm' ? issue.where : `captures[0] ${issue.where}`,
  }));
  if (issues.length > 0) throw new InputError(issues);
  const { measures } = sampleCapture(capture, hold, input.context);
  const check: Check = {
    ...input,
    takenAt: new Date(input.takenAt).toISOString(),
    id,
    holdVersion: hold.version,
    measures,
    contacts: gripContacts(capture, hold.hand === 'over'),
  };
  return { check, standings: familyStandings(measures) };
}
