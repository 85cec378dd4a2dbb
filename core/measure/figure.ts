import { stickAxis, type StickAxis } from '../bow';
import { FINGER_CHAIN, flexion2d, type Finger, type HandPointName } from '../hand';
import { InputError } from '../issue';
import type { Vec2 } from '../units';
import type { Capture, PointName } from './capture';
import { contactOnStick, type Contact } from './contactDepth';
import { flexionTurn, hairTurn, type JointGroup, type Side, type View } from './view';

/** What a measure computes from: a capture's plain numbers, free to be nudged for the uncertainty. */
export interface Figure {
  view: View;
  side: Side;
  handAbove: boolean;
  frogLengthMm: number;
  points: Partial<Record<PointName, Vec2>>;
}

/** A figure of its own for this capture: changing it never touches the capture. */
export function figureOf(capture: Capture, handAbove: boolean): Figure {
  const points: Figure['points'] = {};
  for (const [name, point] of Object.entries(capture.points) as [PointName, Vec2][]) {
    points[name] = { x: point.x, y: point.y };
  }
  return {
    view: capture.view,
    side: capture.side,
    handAbove,
    frogLengthMm: capture.frogLength.mm,
    points,
  };
}

/** A point that the measure has declared it needs, so it is there. */
export function pointAt(figure: Figure, name: PointName): Vec2 {
  const point = figure.points[name];
  if (!point) throw new InputError([{ code: 'tooFewPoints', where: name }]);
  return point;
}

/** The stick's axis of the figure, with x, hair side and scale. */
export function axisOf(figure: Figure): StickAxis {
  const turn = hairTurn(figure.view, figure.side);
  if (turn === null) throw new InputError([{ code: 'unknownView', where: 'view' }]);
  return stickAxis(
    {
      stickHandEnd: pointAt(figure, 'stickHandEnd'),
      stickTipEnd: pointAt(figure, 'stickTipEnd'),
      frogFront: pointAt(figure, 'frogFront'),
      frogBack: pointAt(figure, 'frogBack'),
    },
    figure.frogLengthMm,
    turn,
  );
}

/** Where a finger meets the stick in this figure. */
export function contactOf(figure: Figure, finger: Finger, axis = axisOf(figure)): Contact {
  const [mcp, pip, dip, tip] = FINGER_CHAIN[finger];
  return contactOnStick(
    axis,
    [pointAt(figure, mcp), pointAt(figure, pip), pointAt(figure, dip), pointAt(figure, tip)],
    figure.handAbove,
  );
}

/** Signed flexion of a joint in this figure, degrees. */
export function flexionOf(
  figure: Figure,
  group: JointGroup,
  proximal: PointName,
  joint: HandPointName,
  distal: HandPointName,
): number {
  const turn = flexionTurn(group, figure.view, figure.side);
  if (turn === null) throw new InputError([{ code: 'unknownView', where: 'view' }]);
  return flexion2d(
    pointAt(figure, proximal),
    pointAt(figure, joint),
    pointAt(figure, distal),
    turn,
  );
}
