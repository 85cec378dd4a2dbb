import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';

/** What was set so far: pixels of the picture. */
interface Snapshot {
  placed: Partial<Record<PointName, Vec2>>;
  skipped: readonly PointName[];
}

/** The marks on a picture, with what can be taken back and which point is next. */
export interface Marks extends Snapshot {
  sequence: readonly PointName[];
  /** The point that the next touch of an empty place sets, or the one that keys move. */
  chosen: PointName | null;
  past: readonly Snapshot[];
  future: readonly Snapshot[];
}

export type MarksAction =
  /** Remembers how things are, before a change that is made of many moves. */
  | { type: 'begin' }
  | { type: 'set'; name: PointName; at: Vec2 }
  /** The change is done; a new point makes the next one in order the chosen one. */
  | { type: 'commit'; advance: boolean }
  /** Gives up a change since `begin`, leaving no trace. */
  | { type: 'revert' }
  | { type: 'skip'; name: PointName }
  | { type: 'choose'; name: PointName }
  | { type: 'extend'; sequence: readonly PointName[] }
  | { type: 'mirror'; width: number }
  | { type: 'undo' }
  | { type: 'redo' };

export const noMarks = (sequence: readonly PointName[]): Marks => ({
  placed: {},
  skipped: [],
  sequence,
  chosen: sequence[0] ?? null,
  past: [],
  future: [],
});

/** The next point in order that is neither set nor skipped; null when all are. */
export const nextOpen = ({ sequence, placed, skipped }: Omit<Marks, 'chosen'>): PointName | null =>
  sequence.find((name) => !placed[name] && !skipped.includes(name)) ?? null;

/** The point that a touch of an empty place sets: the chosen one, or else the next one in order. */
export const pointToSet = (marks: Marks): PointName | null =>
  marks.chosen !== null && !marks.placed[marks.chosen] ? marks.chosen : nextOpen(marks);

/** The one way in which marks change. */
export function changeMarks(marks: Marks, action: MarksAction): Marks {
  switch (action.type) {
    case 'begin':
      return { ...marks, past: [...marks.past, snapshot(marks)], future: [] };
    case 'set':
      return {
        ...marks,
        placed: { ...marks.placed, [action.name]: action.at },
        skipped: marks.skipped.filter((name) => name !== action.name),
        chosen: action.name,
      };
    case 'commit':
      return action.advance ? { ...marks, chosen: nextOpen(marks) ?? marks.chosen } : marks;
    case 'revert': {
      const before = marks.past.at(-1);
      return before ? { ...restored(marks, before), past: marks.past.slice(0, -1) } : marks;
    }
    case 'skip': {
      const placed = { ...marks.placed };
      delete placed[action.name];
      const begun = changeMarks(marks, { type: 'begin' });
      const skipped = [...marks.skipped.filter((name) => name !== action.name), action.name];
      const changed = { ...begun, placed, skipped };
      return { ...changed, chosen: nextOpen(changed) };
    }
    case 'choose':
      return { ...marks, chosen: action.name };
    case 'extend': {
      const extended = { ...marks, sequence: [...marks.sequence, ...action.sequence] };
      return { ...extended, chosen: nextOpen(extended) };
    }
    case 'mirror': {
      const flip = ({ placed, skipped }: Snapshot): Snapshot => ({
        placed: mapPlaces(placed, (at) => ({ x: action.width - at.x, y: at.y })),
        skipped,
      });
      const { past, future } = marks;
      return { ...marks, ...flip(marks), past: past.map(flip), future: future.map(flip) };
    }
    case 'undo': {
      const before = marks.past.at(-1);
      if (!before) return marks;
      return {
        ...restored(marks, before),
        past: marks.past.slice(0, -1),
        future: [snapshot(marks), ...marks.future],
      };
    }
    case 'redo': {
      const [after, ...future] = marks.future;
      if (!after) return marks;
      return { ...restored(marks, after), past: [...marks.past, snapshot(marks)], future };
    }
  }
}

const snapshot = ({ placed, skipped }: Marks): Snapshot => ({ placed, skipped });

function restored(marks: Marks, to: Snapshot): Marks {
  const back = { ...marks, ...to };
  return { ...back, chosen: nextOpen(back) ?? marks.chosen };
}

function mapPlaces(placed: Snapshot['placed'], change: (at: Vec2) => Vec2): Snapshot['placed'] {
  return Object.fromEntries(Object.entries(placed).map(([name, at]) => [name, change(at)]));
}
