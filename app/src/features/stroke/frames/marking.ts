import { markingOrder, type StrokeCut } from '@open-palm/core/stroke';
import type { Vec2 } from '@open-palm/core/units';
import { nextMark, type MarkableFrame, type MarkKind, type MarkName } from './markableFrame';

/** Frames that are being marked, one after the other. */
export interface Marking {
  kind: MarkKind;
  frames: readonly MarkableFrame[];
  /** In which order they are asked. */
  order: readonly number[];
  /** The frame that is shown. */
  at: number;
}

export type MarkingEvent =
  | { type: 'put'; name: MarkName; to: Vec2 }
  /** A mark that was put was not meant. */
  | { type: 'takeBack'; name: MarkName }
  /** The finger has left the picture: goes on when nothing is asked here any more. */
  | { type: 'lifted' }
  | { type: 'show'; at: number }
  | { type: 'drop'; dropped: boolean }
  /** Takes the last mark that was asked away again; without any, goes back to the frame before. */
  | { type: 'back' };

/** Frames as they come, none of them looked at. Without strokes they are asked one after the other. */
export function beginMarking(
  kind: MarkKind,
  frames: readonly MarkableFrame[],
  strokes: readonly StrokeCut[],
): Marking {
  const times = frames.map(({ picture }) => picture.timeS);
  const order = strokes.length > 0 ? markingOrder(times, strokes) : frames.map((_, i) => i);
  return { kind, frames, order, at: order[0] ?? 0 };
}

export function nextMarking(marking: Marking, event: MarkingEvent): Marking {
  const { frames, at, kind } = marking;
  const frame = frames[at]!;
  switch (event.type) {
    case 'put':
      return replaced(marking, {
        ...frame,
        marks: { ...frame.marks, [event.name]: event.to },
      });
    case 'takeBack':
      return replaced(marking, withoutMark(frame, event.name));
    case 'lifted':
      return nextMark(frame, kind) === null ? shown(marking, nextOpen(marking)) : marking;
    case 'show':
      return shown(marking, event.at);
    case 'drop': {
      const changed = replaced(marking, { ...frame, dropped: event.dropped });
      return event.dropped ? shown(changed, nextOpen(changed)) : changed;
    }
    case 'back': {
      const last = lastAsked(frame, kind);
      if (last === undefined) {
        const before = marking.order[marking.order.indexOf(at) - 1];
        return before === undefined ? marking : { ...marking, at: before };
      }
      return replaced(marking, withoutMark(frame, last));
    }
  }
}

/** Marks that a person puts; those of the hand are usually found. */
const ASKED: Record<MarkKind, readonly MarkName[]> = {
  wrist: ['forearmNear', 'forearmFar'],
  path: ['stickHandEnd', 'stickTipEnd'],
};

const lastAsked = ({ marks }: MarkableFrame, kind: MarkKind): MarkName | undefined =>
  [...ASKED[kind]].reverse().find((name) => marks[name] !== undefined);

/** The next frame in the order that still asks for something; the one that is shown when none does. */
function nextOpen({ frames, order, at, kind }: Marking): number {
  return order.find((index) => nextMark(frames[index]!, kind) !== null) ?? at;
}

function withoutMark(frame: MarkableFrame, name: MarkName): MarkableFrame {
  const { [name]: _taken, ...marks } = frame.marks;
  return { ...frame, marks };
}

const replaced = (marking: Marking, frame: MarkableFrame): Marking => ({
  ...marking,
  frames: marking.frames.map((one, i) => (i === marking.at ? frame : one)),
});

/** The string does not move while it is played: it is where it was marked last, until it is moved. */
function shown(marking: Marking, at: number): Marking {
  const next = { ...marking, at };
  const frame = marking.frames[at]!;
  if (marking.kind !== 'path' || frame.marks.stringUpper) return next;
  const known = [marking.frames[marking.at]!, ...marking.frames].find(
    ({ marks }) => marks.stringUpper && marks.stringLower,
  );
  if (!known) return next;
  const { stringUpper, stringLower } = known.marks;
  return replaced(next, {
    ...frame,
    marks: { ...frame.marks, stringUpper: stringUpper!, stringLower: stringLower! },
  });
}

/** How many frames have all their marks, and how many are asked for. */
export function progressOf({ frames, kind }: Marking): { marked: number; asked: number } {
  const kept = frames.filter(({ dropped }) => !dropped);
  return {
    marked: kept.filter((frame) => nextMark(frame, kind) === null).length,
    asked: kept.length,
  };
}
