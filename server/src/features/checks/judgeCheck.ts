import { setImmediate } from 'node:timers/promises';
import {
  gripFacts,
  keptFits,
  type Check,
  type CheckInput,
  type RelaxedHandRecord,
} from '@open-palm/contract';
import { fitLookInSteps, lookFitsOf, type InSteps } from '@open-palm/core/fit';
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
export async function judgeCheck(
  id: string,
  input: CheckInput,
  taught: Hold,
  relaxedHand: RelaxedHandRecord | null,
): Promise<JudgedCheck> {
  const { hold, hand } = gripFacts(input.grip, taught, relaxedHand);
  const look: Look = input;
  // A look of nothing but signs that a person saw has nothing that could be wrong with it.
  const hasMeasures = look.captures.length + look.taps.length > 0;
  const issues = hasMeasures ? findLookIssues(look, hold) : [];
  if (issues.length > 0) throw new InputError(issues);
  const fits = await betweenRequests(fitLookInSteps(look, hold, hand, SEVERAL));
  const { measures } = measureCheck(look, hold, hand, sampleCapture, lookFitsOf(fits));
  const check: Check = {
    ...input,
    takenAt: new Date(input.takenAt).toISOString(),
    id,
    grip: { ...input.grip, holdVersion: hold.version },
    measures,
    contacts: checkContacts(look, hold),
    fits: keptFits(fits),
  };
  return { check, standings: familyStandings(measures.map(({ measure }) => measure)) };
}

/** One picture alone gives intervals, which are shown while it is looked at and never kept. */
const SEVERAL = 2;

/** Does long work in steps, and lets other requests through between them. */
async function betweenRequests<Answer>(work: InSteps<Answer>): Promise<Answer> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    await setImmediate();
  }
}
