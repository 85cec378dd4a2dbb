import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import type { MarkState } from '../../foundation/kit/StateMark';
import { strings } from '../../foundation/strings';
import { agoWords, dateWords } from '../../foundation/strings/dateWords';
import { seriesName } from '../../foundation/strings/measureWords';
import type { Reason } from './teachingDay';

const words = strings.today.reasons;

/** Why, in a sentence. */
export function reasonWords(reason: Reason, now: Date): string {
  switch (reason.kind) {
    case 'hurt': {
      const { what, madeAt } = reason.hurt;
      return words.hurt(strings.painFlags.notes[what], agoWords(madeAt, now));
    }
    case 'drift':
      return words.drift(seriesName(reason.series), dateWords(reason.sinceOn, now));
    case 'lapse':
      return words.lapse(agoWords(`${reason.on}T12:00:00`, now));
    case 'outOnce':
      return words.outOnce(agoWords(`${reason.on}T12:00:00`, now));
    case 'aid': {
      const { aid, off } = reason.aid;
      return words.aid(strings.aids[aid] ?? aid, dateWords(off, now));
    }
    case 'promise': {
      const { words: said, due } = reason.promise;
      return words.promise(dateWords(due, now), said);
    }
    case 'log':
      return words.log(agoWords(reason.madeAt, now));
    case 'planEnds':
      return words.planEnds(dateWords(reason.on, now), dateWords(reason.lesson, now));
    case 'noPlan':
      return words.noPlan;
    case 'unsure':
      return words.unsure;
    case 'never':
      return words.never;
    case 'interval': {
      const good = strings.today.good(reason.goodInRow, reason.settled);
      const isToday = differenceInCalendarDays(now, new Date(`${reason.dueOn}T12:00:00`)) <= 0;
      return isToday ? words.dueToday(good) : words.interval(good, dateWords(reason.dueOn, now));
    }
    case 'notDue':
      return words.notDue(
        strings.today.good(reason.goodInRow, reason.settled),
        dateWords(reason.dueOn, now),
      );
  }
}

/** The shape that goes with a reason. */
export function reasonMark({ kind }: Reason): MarkState {
  switch (kind) {
    case 'hurt':
    case 'lapse':
      return 'out';
    case 'drift':
    case 'aid':
    case 'outOnce':
    case 'unsure':
      return 'unsure';
    case 'never':
      return 'notSeen';
    case 'promise':
    case 'log':
    case 'planEnds':
    case 'noPlan':
    case 'interval':
      return 'none';
    case 'notDue':
      return 'in';
  }
}
