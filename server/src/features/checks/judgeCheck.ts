import {
  gripFacts,
  type Check,
  type CheckInput,
  type RelaxedHandRecord,
} from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import {
  checkContacts,
  familyStandings,
  findLookIssues,
  measureCheck,
  sampleCapture,
  type Family,
  type Look,
  type Standing,
} from '@open-palm/core/measure';

export interface JudgedCheck {
  check: Check;
  standings: Record<Family, Standing>;
}

/**
 * Works a check out anew from its points and answers: what is kept never rests on a client's arithmetic.
 *
 * @param relaxedHand the one that the check's grip names
 * @throws InputError with every point that cannot be measured and every answer that cannot be judged
 */
export function judgeCheck(
  id: string,
  input: CheckInput,
  taught: Hold,
  relaxedHand: RelaxedHandRecord | null,
): JudgedCheck {
  const { hold, hand } = gripFacts(input.grip, taught, relaxedHand);
  const look: Look = input;
  // A look of nothing but signs that a person saw has nothing that could be wrong with it.
  const hasMeasures = look.captures.length + look.taps.length > 0;
  const issues = hasMeasures ? findLookIssues(look, hold) : [];
  if (issues.length > 0) throw new InputError(issues);
  const { measures } = measureCheck(look, hold, hand, sampleCapture);
  const check: Check = {
    ...input,
    takenAt: new Date(input.takenAt).toISOString(),
    id,
    grip: { ...input.grip, holdVersion: hold.version },
    measures,
    contacts: checkContacts(look, hold),
  };
  return { check, standings: familyStandings(measures.map(({ measure }) => measure)) };
}
