import { v7 as uuidv7 } from 'uuid';
import type { HandFile } from '@open-palm/contract';
import type { Context, View } from '@open-palm/core/measure';
import { calendarDay } from '@open-palm/records/time';
import { deviceZone, studioNow } from '../../../foundation/api/clock';
import { findHold } from '@open-palm/records/holds';
import { EMPTY_LOOK } from '../look/lookState';
import { lookWay } from '../look/lookWay';
import type { CheckDraft } from './checkDraft';
import { newShot } from './newShot';

/** A look that begins: as the last one did on this device, with the bow held as in the lesson's last look. */
export function newDraft({ student, setupId, ownHolds, history }: HandFile): CheckDraft {
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const [view] = findHold(setup.holdId, ownHolds).views as View[];
  const begins = lookWay.get() === 'tap' ? 'stations' : 'camera';
  return {
    version: 2,
    checkId: uuidv7(),
    step: begins === 'camera' && student.photos !== 'allowed' ? 'setup' : begins,
    station: 0,
    state: { ...EMPTY_LOOK, context: contextOfToday(history) ?? EMPTY_LOOK.context },
    shot: newShot(view!),
    // Experienced players are watched first; what to change comes later.
    watching: student.level === 'advanced',
    isDone: false,
  };
}

/** How the bow was held in today's newest look; null where there is none. */
function contextOfToday([newest]: HandFile['history']): Context | null {
  const dayOf = (at: Date | string) => calendarDay(at, deviceZone());
  return newest && dayOf(newest.takenAt) === dayOf(studioNow()) ? newest.context : null;
}
