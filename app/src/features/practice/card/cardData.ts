import { addDays } from 'date-fns/addDays';
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { format } from 'date-fns/format';
import type { LogEntry } from '@open-palm/contract';
import { drillKey, type CardData, type CardDay, type CardDrill } from '@open-palm/card/data';
import { DRILLS } from '@open-palm/core/practice';
import { openEntries } from '@open-palm/records/log';
import type { KeptPlan } from '@open-palm/records/practice';
import { strings } from '../../../foundation/strings';
import { dateWords } from '../../../foundation/strings/dateWords';

const words = strings.practice;

/** What loads the little finger fully is done so long in one go, seconds. [practice] */
const GO_SECONDS = 20;
/** From so many days before it comes off on an aid is counted down. */
const COUNTS_DOWN = 7;

const atNoon = (date: string) => new Date(`${date}T12:00:00`);

/** What is said of aids on a day. */
export function aidWords(log: readonly LogEntry[], on: string): string[] {
  return openEntries(log).flatMap((entry) => {
    if (entry.kind !== 'aid' || entry.from > on) return [];
    const name = strings.aids[entry.aid] ?? entry.aid;
    const left = differenceInCalendarDays(atNoon(entry.off), atNoon(on));
    if (left <= 0) return [words.aidWithout(name)];
    return left <= COUNTS_DOWN
      ? [words.aidUntil(name, dateWords(entry.off, atNoon(on)), left)]
      : [];
  });
}

/** A plan as a card tells it, without its drawings. */
export function cardText(
  plan: KeptPlan,
  log: readonly LogEntry[],
): Omit<CardData, 'figures' | 'wanted'> {
  const drills: Record<string, CardDrill> = {};
  for (const { drill, stage, load } of plan.days.flatMap((day) => day.drills)) {
    drills[drillKey({ drill, stage })] ??= cardDrill(drill, stage, load);
  }
  return {
    v: 1,
    plan: plan.id,
    language: 'en',
    called: plan.called,
    until: longDay(plan.lesson),
    days: plan.days.map(({ on, drills: planned }): CardDay => ({
      on,
      called: longDay(on),
      short: format(atNoon(on), 'EEE d'),
      isRest: planned.length === 0,
      drills: planned.map(({ drill, stage, turns, minutesATurn }) => ({
        drill,
        stage,
        turns,
        minutesATurn,
      })),
      aids: aidWords(log, on),
    })),
    drills,
    words: strings.card,
  };
}

const longDay = (on: string): string =>
  `${format(atNoon(on), 'EEEE')} ${dateWords(on, addDays(atNoon(on), 0))}`;

function cardDrill(id: string, stage: number, load: number): CardDrill {
  const drill = DRILLS.find((one) => one.id === id)!;
  const isSoft = drill.stages[stage - 1]?.needs.includes('soft') ?? false;
  const further = strings.drillStages[id] ?? [];
  return {
    name: strings.drills[id] ?? id,
    steps: [...(strings.drillSteps[id] ?? []), ...further.slice(0, stage - 1).slice(-1)].slice(
      0,
      4,
    ),
    wrong: strings.drillWrong[id] ?? '',
    figure: id,
    stage: drill.stages.length > 1 ? words.stage(stage, drill.stages.length) : null,
    soft: isSoft ? words.overSoft : null,
    count: drill.count ?? null,
    bpm: drill.bpm ?? null,
    goSeconds: load === 2 ? GO_SECONDS : null,
  };
}
