import { BOW_SECTIONS } from '@open-palm/core/bow';
import {
  AMBER,
  arc,
  dot,
  frog,
  headingDeg,
  limb,
  line,
  RUST,
  SECOND,
  span,
  stick,
  svg,
  TEAL,
  text,
} from './drawing';
import { levelBow, measured, PX_PER_MM, value, type Points } from './worked';

const FRONT_X = 190;
const Y = 100;
const bow = [stick({ x: 14, y: Y }, { x: 406, y: Y }), frog(FRONT_X - 138, Y + 5, 138, 40)];

/** Points of the level drawing as the thumb's side has them: the tip to the left. */
const turned = (points: Points): Points =>
  Object.fromEntries(Object.entries(points).map(([name, p]) => [name, { x: 1000 - p.x, y: p.y }]));

function approach(): string {
  const ip = { x: 150, y: 188 };
  const tip = { x: 208, y: Y + 12 };
  const points = turned({ ...levelBow(FRONT_X, Y), thumbIp: ip, thumbTip: tip });
  const told = measured('thumbApproach', 'thumb-side', points);
  return svg(
    420,
    220,
    'angle between the thumb’s last bone and the stick, up to 90°',
    limb([{ x: 70, y: 206 }, ip, tip], 30),
    ...bow,
    line(ip, tip, RUST, 2),
    dot(ip),
    dot(tip),
    arc(tip, 46, 180, headingDeg(tip, ip) + (headingDeg(tip, ip) < 0 ? 360 : 0)),
    text({ x: tip.x - 92, y: tip.y + 30 }, value(told), AMBER),
  );
}

function lean(): string {
  const index = { x: 260, y: 66 };
  const little = { x: 130, y: 34 };
  const points = turned({ ...levelBow(FRONT_X, 150), indexMcp: index, littleMcp: little });
  const told = measured('handLean', 'player-eye', points);
  return svg(
    420,
    200,
    'the row of knuckles against the stick',
    stick({ x: 14, y: 150 }, { x: 406, y: 150 }),
    limb([little, index], 26),
    line(little, index, RUST, 2),
    line(little, { x: 400, y: little.y }, SECOND, 1.2, '4 4'),
    dot(little),
    dot(index),
    arc(little, 90, 0, headingDeg(little, index)),
    text({ x: little.x + 100, y: little.y + 18 }, value(told), AMBER),
    text({ x: little.x - 6, y: little.y - 20 }, 'little MCP', SECOND, 'middle'),
    text({ x: index.x + 8, y: index.y + 32 }, 'index MCP', SECOND),
    text({ x: 12, y: 190 }, 'positive: the index side is nearer to the stick', SECOND),
  );
}

function skew(): string {
  const hand = { x: 60, y: 140 };
  const tip = { x: 360, y: 90 };
  const lower = { x: 205, y: 190 };
  const upper = { x: 215, y: 12 };
  const told = measured('bowSkew', 'front', {
    stickHandEnd: hand,
    stickTipEnd: tip,
    stringLower: lower,
    stringUpper: upper,
  });
  return svg(
    420,
    200,
    'the stick against the string',
    line(lower, upper, '#8E8674', 3),
    stick(hand, tip, 8),
    text({ x: upper.x + 8, y: upper.y + 10 }, 'toward the scroll', SECOND),
    text({ x: lower.x + 8, y: lower.y - 2 }, 'toward the bridge', SECOND),
    text({ x: 12, y: 40 }, `90° − angle between them = ${value(told)}`, AMBER),
    text({ x: 12, y: 60 }, 'positive: the point drifts to the scroll', SECOND),
  );
}

function clearance(): string {
  const points: Points = {
    ...levelBow(FRONT_X, 60),
    stickMid: { x: 320, y: 60 },
    hairMid: { x: 320, y: 60 + 6 * PX_PER_MM },
  };
  const told = measured('hairClearance', 'bow-side', points);
  return svg(
    420,
    140,
    'stick to hair in the middle of the bow, with the frog’s scale',
    stick({ x: 14, y: 56 }, { x: 406, y: 56 }, 8),
    frog(52, 60, 138, 30),
    line({ x: 190, y: 78 }, { x: 406, y: 78 }, '#B9B3A4', 3),
    line(points.stickMid!, points.hairMid!, AMBER, 2),
    dot(points.stickMid!),
    dot(points.hairMid!),
    text({ x: 330, y: 72 }, value(told), AMBER),
  );
}

function through(): string {
  const radius = BOW_SECTIONS.violin.stickRadiusMm * PX_PER_MM;
  const tip = { x: 220, y: Y + radius + 4 * PX_PER_MM };
  const told = measured('thumbThrough', 'finger-side', { ...levelBow(FRONT_X, Y), thumbTip: tip });
  return svg(
    420,
    190,
    '',
    limb([{ x: 200, y: 20 }, tip], 30),
    stick({ x: 14, y: Y }, { x: 406, y: Y }, 2 * radius),
    line({ x: 150, y: Y + radius }, { x: 320, y: Y + radius }, TEAL, 1.5, '4 3'),
    dot(tip, RUST, 5),
    span({ x: 236, y: Y + radius }, { x: 236, y: tip.y }, ''),
    text({ x: 246, y: tip.y + 2 }, value(told), AMBER),
    text({ x: 12, y: 180 }, 'past the stick’s far edge, the one toward the hair', SECOND),
  );
}

function littlePlace(): string {
  const y = (dMm: number) => 100 + dMm * PX_PER_MM;
  const band = (from: number, to: number, name: string, color: string) =>
    `<rect x="150" y="${y(from)}" width="120" height="${y(to) - y(from)}" fill="${color}" opacity="0.2"/>` +
    text({ x: 280, y: (y(from) + y(to)) / 2 + 4 }, name, color);
  return svg(
    420,
    200,
    'where the little finger’s tip is off the axis, mm toward the hair',
    band(-30, -12, 'off: over 12 mm', RUST),
    band(-12, 3, 'top', TEAL),
    band(3, 30, 'over (or flat on the frog)', AMBER),
    stick({ x: 20, y: 100 }, { x: 270, y: 100 }),
    dot({ x: 210, y: y(-4) }, TEAL, 5),
  );
}

/** Angles and distances against the stick and the string. */
export const angles: Record<string, string> = {
  approach: approach(),
  lean: lean(),
  skew: skew(),
  clearance: clearance(),
  'thumb-through': through(),
  'little-place': littlePlace(),
};
