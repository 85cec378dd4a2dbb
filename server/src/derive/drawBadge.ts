import type { Badge, DatedMeasure, Grip } from '@open-palm/contract';
import { BOW_SIZES } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import { mergeContacts, type GripContacts } from '@open-palm/core/measure';
import { buildOfHand, drawnHold, measuredOf, unseenDigits, DIGITS } from '@open-palm/core/pose';
import { GripDrawer, pathsOf } from '@open-palm/core/portrait';
import { gripFacts } from '@open-palm/records/grip';
import { lastSeenOf } from '@open-palm/records/lastSeen';

/** What of a student a small portrait rests on. */
export interface DrawnOn {
  grip: Grip;
  /** As it is taught now. */
  hold: Hold;
}

/** The small portrait of a hold as it was last seen: an over-hand one from the fingers' side, an under-hand one from the player's eye. */
export function drawBadge(
  { grip, hold: taught }: DrawnOn,
  newest: readonly DatedMeasure[],
  newestContacts: readonly GripContacts[],
): Badge {
  const { hold, hand } = gripFacts(grip, taught, null);
  const contacts = mergeContacts(newestContacts);
  const seen = lastSeenOf(newest).map(({ latest }) => latest.merged.measure);
  const measures = measuredOf(seen);
  const unseen = unseenDigits(
    contacts,
    seen.map(({ id }) => id),
  );
  const drawing = new GripDrawer().draw({
    hold: drawnHold(hold, BOW_SIZES[grip.bowSize]),
    grip: { contacts, measures },
    build: buildOfHand(hand.middleFinger.mm),
    view: hold.hand === 'over' ? 'fingerSide' : 'playerEye',
    held: 'bow',
    upMm: 0,
    detail: 'badge',
    unseen,
    beside: null,
  });
  return { drawing: pathsOf(drawing), isUnseen: unseen.length === DIGITS.length };
}
