import {
  AMBER,
  arc,
  dot,
  extended,
  headingDeg,
  INK,
  limb,
  line,
  SECOND,
  svg,
  text,
} from './drawing';
import { measured, value, type Points } from './worked';
import type { MeasureId, PointName, View } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';

/** A bend at b of a–b–c: the first bone's way on, the second bone, and the angle between them. */
function bend(
  id: MeasureId,
  view: View,
  chain: readonly [PointName, PointName, PointName],
  at: readonly [Vec2, Vec2, Vec2],
  names: readonly [string, string, string],
  width: number,
  title: string,
): string {
  const points: Points = Object.fromEntries(chain.map((name, i) => [name, at[i]!]));
  const told = measured(id, view, points);
  const [a, b, c] = at;
  const straight = headingDeg(a, b);
  let turn = headingDeg(b, c) - straight;
  if (turn > 180) turn -= 360;
  if (turn < -180) turn += 360;
  return svg(
    360,
    200,
    title,
    limb(at, width),
    line(b, extended(a, b, 90), SECOND, 1.2, '4 4'),
    line(a, b, INK),
    line(b, c, INK),
    arc(b, 52, straight, straight + turn),
    ...at.map((p) => dot(p)),
    ...at.map((p, i) =>
      text({ x: p.x - 8, y: p.y + (i === 1 ? 26 : -width / 2 - 6) }, names[i]!, SECOND),
    ),
    text({ x: b.x + 60, y: b.y + (turn > 0 ? 20 : -12) }, value(told), AMBER),
  );
}

/** Bends of joints, each drawn as its view shows it. */
export const bends: Record<string, string> = {
  'thumb-bend': bend(
    'thumbIpFlexion',
    'thumb-side',
    ['thumbMcp', 'thumbIp', 'thumbTip'],
    [
      { x: 60, y: 150 },
      { x: 180, y: 130 },
      { x: 262, y: 60 },
    ],
    ['MCP', 'IP', 'tip'],
    34,
    'Thumb, from the thumb side: bending turns anticlockwise',
  ),
  'finger-bend': bend(
    'littlePipFlexion',
    'profile',
    ['littleMcp', 'littlePip', 'littleDip'],
    [
      { x: 70, y: 70 },
      { x: 190, y: 62 },
      { x: 262, y: 122 },
    ],
    ['MCP', 'PIP', 'DIP'],
    26,
    'Finger, from the profile: bending turns clockwise',
  ),
  'wrist-bend': bend(
    'wristFlexion',
    'profile',
    ['forearm', 'wrist', 'middleMcp'],
    [
      { x: 40, y: 112 },
      { x: 190, y: 92 },
      { x: 290, y: 118 },
    ],
    ['forearm', 'wrist', 'middle MCP'],
    40,
    'Wrist, from the profile: the hand dropping is positive',
  ),
  'wrist-sideways': bend(
    'wristDeviation',
    'player-eye',
    ['forearm', 'wrist', 'middleMcp'],
    [
      { x: 60, y: 150 },
      { x: 190, y: 120 },
      { x: 280, y: 76 },
    ],
    ['forearm', 'wrist', 'middle MCP'],
    44,
    'Wrist, from the player’s eye: toward the thumb is positive',
  ),
  'knuckle-height': bend(
    'knuckleHeight',
    'profile',
    ['wrist', 'middleMcp', 'middlePip'],
    [
      { x: 50, y: 110 },
      { x: 190, y: 70 },
      { x: 286, y: 104 },
    ],
    ['wrist', 'MCP', 'PIP'],
    34,
    'Knuckles, from the profile: 0° is flat, more is peaked',
  ),
  'elbow-bend': bend(
    'elbowBend',
    'front',
    ['shoulder', 'elbow', 'wrist'],
    [
      { x: 60, y: 50 },
      { x: 150, y: 150 },
      { x: 290, y: 112 },
    ],
    ['shoulder', 'elbow', 'wrist'],
    30,
    'Elbow, from the front or the profile: without a sign',
  ),
};
