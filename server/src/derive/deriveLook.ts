import {
  keptFits,
  type Check,
  type CheckInput,
  type RelaxedHandRecord,
  type TrackedNumber,
} from '@open-palm/contract';
import { gripFacts } from '@open-palm/records/grip';
import { trackedNumbers } from '@open-palm/records/track';
import { BOW_SIZES } from '@open-palm/core/bow';
import { fitLookInSteps, lookFitsOf, type InSteps } from '@open-palm/core/fit';
import type { Hold } from '@open-palm/core/holds';
import {
  buildOfHand,
  drawnHold,
  keptPose,
  measuredOf,
  solvePose,
  type KeptPose,
} from '@open-palm/core/pose';
import {
  checkContacts,
  familyStandings,
  measureCheck,
  sampleCapture,
  type Family,
  type Look,
  type Standing,
} from '@open-palm/core/measure';

/** What a look is worked out from: itself, the hold in the version it names, and the hand at rest that it names. */
export interface LookFacts {
  input: CheckInput;
  hold: Hold;
  relaxedHand: RelaxedHandRecord | null;
}

/** All that is worked out of a look. */
export interface DerivedLook extends Pick<Check, 'measures' | 'contacts' | 'fits'> {
  standings: Record<Family, Standing>;
  numbers: TrackedNumber[];
  /** Null of what was seen in passing: it is drawn from its answers, where somebody opens it. */
  pose: KeptPose | null;
}

/** One picture alone gives intervals, which are shown while it is looked at and never kept. */
const SEVERAL = 2;

/** Works a look out from its points and answers: what is followed over time never rests on a client's arithmetic. */
export function deriveLook({ input, hold: taught, relaxedHand }: LookFacts): DerivedLook {
  const { hold, hand } = gripFacts(input.grip, taught, relaxedHand);
  const look: Look = input;
  const fits = finish(fitLookInSteps(look, hold, hand, SEVERAL));
  const { measures } = measureCheck(look, hold, hand, sampleCapture, lookFitsOf(fits));
  const contacts = checkContacts(look, hold);
  return {
    measures,
    contacts,
    fits: keptFits(fits),
    standings: familyStandings(measures.map(({ measure }) => measure)),
    numbers: trackedNumbers(measures),
    // A walk makes a look of every player: each hand would be moved for half a second for a picture that hardly anybody asks for.
    pose: input.context === 'row' ? null : poseOfLook(input, hold, { contacts, measures }),
  };
}

/** The hand that a look's measures tell, on the student's own bow and as large as theirs. */
function poseOfLook(
  { grip }: CheckInput,
  hold: Hold,
  { contacts, measures }: Pick<Check, 'contacts' | 'measures'>,
): KeptPose {
  const measured = {
    contacts,
    measures: measuredOf(measures.map(({ measure }) => measure)),
  };
  const build = buildOfHand(grip.middleFinger.mm);
  return keptPose(solvePose(drawnHold(hold, BOW_SIZES[grip.bowSize]), measured, build));
}

function finish<Answer>(work: InSteps<Answer>): Answer {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}
