import type { BowKind, Hold } from '../holds';
import { CAUSES, cuesFor, SIGNS } from '../judge';
import { DRILLS, isDrillOf } from '../practice';
import { signsOn } from './marks';
import { ALONE_CUES, GROUP_DRILLS, rowFault } from './rowData';

/** One sentence, and for whom of the room it is. */
export interface CueForSome {
  cue: string;
  /** The bows that it is said to. */
  bows: BowKind[];
  /** How many players it speaks to. */
  players: number;
}

/**
 * What is said to a room about a fault: one sentence where one fits every hold in it, else as few as can be, each for the bows that it
 * fits. A sentence is only for a group when nobody needs anything for it but the own bow.
 *
 * @param holds of the players in the room, as they are meant for them; those that cannot show the fault are spoken to where the words fit
 * @returns those that most players hear first; empty where no sentence of the fault is one for a group
 */
export function cuesForAll(fault: string, holds: readonly Hold[]): CueForSome[] {
  const able = holds.filter((hold) => signsOn(fault, hold).length > 0);
  let open = able.map((hold) => ({ hold, cues: groupCues(fault, hold) }));
  const said: CueForSome[] = [];
  while (open.length > 0) {
    const [best] = candidatesOf(open.flatMap(({ cues }) => cues)).sort(
      (a, b) => b.count - a.count || a.order - b.order,
    );
    if (!best) break;
    const heard = open.filter(({ cues }) => cues.includes(best.cue));
    const bows = [...new Set(heard.map(({ hold }) => hold.bow))];
    said.push({ cue: best.cue, bows, players: heard.length });
    open = open.filter(({ cues }) => !cues.includes(best.cue));
  }
  return said;
}

/** Each cue once, with how many hear it, in the order in which ladders name it. */
function candidatesOf(cues: readonly string[]) {
  const counts = new Map<string, number>();
  for (const cue of cues) counts.set(cue, (counts.get(cue) ?? 0) + 1);
  return [...counts].map(([cue, count], order) => ({ cue, count, order }));
}

/** What can be said of a fault on one hold to a whole group: its own corrections first, then what speaks to its causes. */
function groupCues(fault: string, hold: Hold): string[] {
  const signs = signsOn(fault, hold);
  const [sign] = signs;
  if (sign === undefined) return [];
  const facts = { hold, context: 'row' as const };
  const own = signs.flatMap((id) => SIGN_CUES.get(id) ?? []);
  return cuesFor(own, [sign], facts).filter((cue) => !ALONE_CUES.has(cue));
}

const SIGN_CUES = new Map(SIGNS.map(({ id, cues }) => [id, cues]));

/**
 * A drill that the whole room can do together for a fault: one that every hold in it lists and that trains a cause of it; the quietest
 * of those where none does.
 */
export function groupDrill(fault: string, holds: readonly Hold[]): string | null {
  const known = GROUP_DRILLS.flatMap((id) => DRILLS.find((drill) => drill.id === id) ?? []).filter(
    (drill) => holds.every((hold) => isDrillOf(drill, hold)),
  );
  const signs = rowFault(fault)?.signs ?? [];
  const causes = CAUSES.filter((cause) => cause.signs.some(({ sign }) => signs.includes(sign)));
  const trained = ({ trains }: (typeof DRILLS)[number]) =>
    Math.max(0, ...causes.map(({ id }) => trains[id] ?? 0));
  const [best] = [...known].sort((a, b) => trained(b) - trained(a));
  return best?.id ?? null;
}
