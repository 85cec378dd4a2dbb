import { useMemo } from 'react';
import type { HandFile, Paper, TermReader, TermWords } from '@open-palm/contract';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { findHold } from '@open-palm/records/holds';
import { plansOf } from '@open-palm/records/practice';
import { termFacts } from '@open-palm/records/term';
import { zoneOf } from '@open-palm/records/time';
import { cueWords } from '../../../assessment/advice/CueTry';
import { deviceZone } from '../../../foundation/api/clock';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import type { Followed } from '../followed';
import { rebasedWords } from './rebased';
import { practisedLine, termDraft } from './termDraft';
import { termHtml } from './termHtml';
import { driftingIn, termLooks } from './termLooks';
import { termPaper } from './termPaper';
import type { TermChoices } from './useTermDraft';
import { useTermFigures } from './useTermFigures';

/** What a page comes to by what was chosen: its looks, its words as they stand, the page as it is shown and as it is printed. */
export function useTermPage(
  { student, setupId, ownHolds }: HandFile,
  followed: Followed,
  log: LessonLog,
  today: string,
  { from, until, reader, view, edits }: TermChoices,
) {
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { hold, hand } = useMemo(
    () => gripFacts(gripOf(student, setup, taught, null), taught, null),
    [student, setup, taught],
  );
  const zone = zoneOf(student, deviceZone());
  const { looks, restart, facts } = useMemo(() => {
    const time = { from, until };
    const told = termLooks(followed, time);
    const drifting = driftingIn(followed, time, today);
    return { ...told, facts: termFacts(told.looks, drifting, log.entries, time, zone) };
  }, [followed, log.entries, from, until, today, zone]);
  const [firstName = student.name] = student.name.split(' ');
  const draftFor = (one: TermReader): TermWords => ({
    ...termDraft(facts, one, {
      // An audition wants the whole name; at home one is called as on the practice card.
      called: one === 'audition' ? student.name : (plansOf(log.entries)[0]?.called ?? firstName),
      bow: hold.bow,
      cueText: (cue) => cueWords(cue, log.ownCues),
      restart,
    }),
    practised: practisedLine(facts),
  });
  const draft = draftFor(reader);
  const words = rebasedWords(edits[reader], draft);
  const paperOn = (paper: Paper, said = words) =>
    termPaper(looks, {
      studentId: student.id,
      setupId,
      paper,
      view,
      words: said,
      time: { from, until },
    });
  const page = paperOn('A4');
  const { figures, state } = useTermFigures(page, {
    hold,
    bowSize: setup.bowSize,
    middleFingerMm: hand.middleFinger.mm,
    side: student.side,
    skinTone: student.skinTone,
  });
  return {
    taught,
    looks,
    words,
    /** What the looks say, before anybody writes otherwise. */
    draft,
    draftFor,
    paperOn,
    htmlOf: (said = words) => termHtml(paperOn('A4', said), figures),
    handsAre: state,
  };
}
