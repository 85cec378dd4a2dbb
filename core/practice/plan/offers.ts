import { DRILLS, effectOn, isDrillOf, type Drill, type DrillStage, type Need } from '../drills';
import { LEVELS } from '../testSchema';
import { isShortTurned, type PlanFacts } from './planFacts';

/** A drill at the stage at which this student may do it, and what it is worth to them. */
export interface Offer {
  drill: Drill;
  /** Counted from 1. */
  stage: number;
  load: DrillStage['load'];
  minutesATurn: number;
  turnsADay: number;
  needsInstrument: boolean;
  /** Worth of its first turn: over the causes, how probable each is times what the drill takes away of it. */
  benefit: number;
  /** The drill that has to be in an earlier phase of the plan, where it has not been done before. */
  after: string | null;
}

/** Found in every home. */
const EVERYWHERE: readonly Need[] = ['bow', 'pencil', 'marker', 'soft', 'mirror', 'wall'];

/** What may be planned for a student at all, each drill once, and what it is worth. Nothing while something hurts. */
export function offersOf(facts: PlanFacts): Offer[] {
  if (facts.student.hurts) return [];
  return DRILLS.flatMap((drill) => {
    const offer = drill.always ? null : offerOf(drill, facts);
    return offer ? [offer] : [];
  });
}

function offerOf(drill: Drill, facts: PlanFacts): Offer | null {
  const { student, hold, history, dropped } = facts;
  if (!isDrillOf(drill, hold) || dropped.includes(drill.id)) return null;
  if (drill.endOfRange && student.isHypermobile) return null;
  if (drill.fromLevel && LEVELS.indexOf(student.level) < LEVELS.indexOf(drill.fromLevel))
    return null;
  const open = openedBy(drill, facts);
  if (!open) return null;
  const stage = Math.min(history[drill.id]?.stage ?? 1, drill.stages.length);
  const { load, needs, bows } = drill.stages[stage - 1]!;
  if (bows && !bows.includes(hold.bow)) return null;
  const has = (need: Need) =>
    need === 'instrument' || EVERYWHERE.includes(need) || facts.has.includes(need);
  if (!needs.every(has)) return null;
  const benefit =
    (history[drill.id]?.effectScale ?? 1) *
    Object.entries(facts.causes).reduce(
      (sum, [cause, posterior]) => sum + posterior * effectOn(drill, stage, cause),
      0,
    );
  return {
    drill,
    stage,
    load,
    minutesATurn: isShortTurned(student.age) ? Math.min(1, drill.minutesATurn) : drill.minutesATurn,
    turnsADay: drill.turnsADay,
    needsInstrument: needs.includes('instrument'),
    benefit,
    after: open.after,
  };
}

/** Whether what has to come before a drill has been done, or can still be done in the same plan; null where it cannot. */
function openedBy({ after }: Drill, facts: PlanFacts): { after: string | null } | null {
  if (!after) return { after: null };
  if ('carrySeconds' in after) {
    const { carrySeconds } = facts.student;
    return carrySeconds !== null && carrySeconds >= after.carrySeconds ? { after: null } : null;
  }
  const before = facts.history[after.drill];
  if (after.stage !== undefined) {
    return (before?.stage ?? 1) >= after.stage ? { after: null } : null;
  }
  if ((before?.daysDone ?? 0) >= (after.days ?? 1)) return { after: null };
  // A week of it cannot be had before the next phase.
  return after.days === undefined ? { after: after.drill } : null;
}
