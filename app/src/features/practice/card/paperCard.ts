import { format } from 'date-fns/format';
import type { LogEntry, Paper, PaperCard } from '@open-palm/contract';
import { drillKey, fill } from '@open-palm/card/data';
import type { KeptPlan } from '@open-palm/records/practice';
import { askFile } from '../../../foundation/api/client';
import { paths } from '../../../foundation/api/paths';
import { cardText } from './cardData';

/** A card as it is printed: its words; the studio draws the hands. */
export function paperCard(plan: KeptPlan, log: readonly LogEntry[], paper: Paper): PaperCard {
  const { words, days, drills, ...text } = cardText(plan, log);
  const doses = new Map(days.flatMap((day) => day.drills).map((dose) => [drillKey(dose), dose]));
  return {
    paper,
    studentId: plan.studentId,
    setupId: plan.setupId,
    title: fill(words.title, { name: text.called }),
    until: fill(words.until, { date: text.until }),
    lookHelp: words.lookHelp,
    tick: words.paperTick,
    drills: [...doses.entries()].map(([key, dose]) => {
      const { name, steps, wrong, soft } = drills[key]!;
      return {
        drill: dose.drill,
        name,
        dose:
          dose.minutesATurn === 0
            ? words.within
            : fill(words.dose, { turns: dose.turns, minutes: dose.minutesATurn }),
        text: [...steps, ...(soft === null ? [] : [soft])].join(' '),
        wrong: `${words.wrongTitle} ${wrong}`,
        boxes: days.map((day) => day.drills.find((one) => drillKey(one) === key)?.turns ?? 0),
      };
    }),
    days: days.map(({ on }) => format(new Date(`${on}T12:00:00`), 'EEEEEE d')),
    notes: [
      ...new Set(days.flatMap((day) => day.aids.map((aid) => `${day.short}: ${aid}`))),
      words.caution,
      words.parents,
    ].slice(0, 20),
  };
}

/**
 * A card as a PDF.
 *
 * @throws ApiProblem
 */
export const printCard = (plan: KeptPlan, log: readonly LogEntry[], paper: Paper): Promise<Blob> =>
  askFile(paths.cardPdf, paperCard(plan, log, paper));
