import { FERRULE_REACH_MM, FERRULE_X_MM } from '@open-palm/core/bow';
import {
  AMBER,
  dot,
  frog,
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
import { FROG_MM, levelBow, measured, PX_PER_MM, value, type Points } from './worked';

const FRONT_X = 190;
const Y = 110;
const at = (xMm: number, dMm = 0) => ({ x: FRONT_X + xMm * PX_PER_MM, y: Y + dMm * PX_PER_MM });

const bow = [
  stick({ x: 14, y: Y }, { x: 406, y: Y }),
  frog(FRONT_X - FROG_MM * PX_PER_MM, Y + 5, FROG_MM * PX_PER_MM, 42),
];

/** A finger standing across the stick at this place: knuckle, PIP, DIP, tip, with the stick at depth u. */
function finger(name: 'index' | 'middle' | 'ring' | 'little', xMm: number, u: number): Points {
  const bones = [34, 22, 20];
  const below = u <= 1 ? u * bones[2]! : bones[2]! + Math.min(1, u - 1) * bones[1]!;
  const tip = at(xMm, below);
  const dip = { x: tip.x, y: tip.y - bones[2]! * PX_PER_MM };
  const pip = { x: tip.x, y: dip.y - bones[1]! * PX_PER_MM };
  const mcp = { x: tip.x, y: Math.max(-20, pip.y - bones[0]! * PX_PER_MM) };
  return {
    [`${name}Mcp`]: mcp,
    [`${name}Pip`]: pip,
    [`${name}Dip`]: dip,
    [`${name}Tip`]: tip,
  };
}

const drawn = (points: Points, width = 26) => limb(Object.values(points), width);

function frame(): string {
  const point = at(38, -16);
  const foot = at(38);
  return svg(
    420,
    200,
    '',
    ...bow,
    line(at(0, -24), at(0, 18), SECOND, 1.2, '4 4'),
    dot(point, RUST, 4.5),
    line(point, foot, RUST, 1.2, '3 3'),
    span(at(0, -3.5), at(38, -3.5), 'x', AMBER),
    text({ x: point.x + 8, y: (point.y + foot.y) / 2 }, 'd, negative here', RUST),
    text({ x: FRONT_X + 4, y: 30 }, 'x = 0: the frog’s front'),
    text({ x: 404, y: Y + 52 }, 'tip →', SECOND, 'end'),
    text({ x: 404, y: Y + 34 }, 'd positive: the hair’s side', SECOND, 'end'),
    text({ x: 12, y: 188 }, 'scale = known frog length ÷ distance of its two marks', SECOND),
  );
}

function depth(): string {
  const points = finger('index', 26, 1.5);
  const told = measured('indexDepth', 'finger-side', { ...levelBow(FRONT_X, Y), ...points });
  const [, pip, dip, tip] = Object.values(points);
  return svg(
    420,
    250,
    'from knuckle to tip: where the finger passes to the far side',
    drawn(points),
    ...bow,
    ...[pip!, dip!, tip!].map((p) => dot(p)),
    text({ x: pip!.x + 20, y: pip!.y + 4 }, 'PIP: u = 2', SECOND),
    text({ x: dip!.x + 20, y: dip!.y + 4 }, 'DIP: u = 1', SECOND),
    text({ x: tip!.x + 20, y: tip!.y + 4 }, 'tip: u = 0', SECOND),
    dot(at(26), AMBER, 5),
    text({ x: at(26).x + 22, y: Y + 4 }, `u = ${value(told)}`, '#FFFFFF'),
  );
}

function gaps(): string {
  const places = { index: 40, middle: 14, ring: -3, little: -20 } as const;
  const fingers = Object.entries(places).map(([name, x]) =>
    finger(name as keyof typeof places, x, 1.2),
  );
  const points: Points = Object.assign({}, levelBow(FRONT_X, Y), ...fingers);
  const of = (id: Parameters<typeof measured>[0]) => value(measured(id, 'finger-side', points));
  const y = (mm: number) => ({ dMm: mm });
  const level = (a: number, b: number, d: number, words: string) =>
    span(at(a, d), at(b, d), words, AMBER);
  return svg(
    420,
    250,
    `spread ${of('spread')}; unevenness = SD of the gaps ÷ their mean = ${of('gapEvenness')}`,
    ...bow,
    ...fingers.map((f) => drawn(f, 24)),
    level(places.middle, places.index, y(30).dMm, of('gap12')),
    level(places.ring, places.middle, y(36).dMm, of('gap23')),
    level(places.little, places.ring, y(30).dMm, of('gap34')),
  );
}

function thumbPlaces(): string {
  const tip = at(3, 4);
  const points: Points = {
    ...levelBow(FRONT_X, Y),
    ...finger('middle', 6, 1.2),
    ...finger('index', 27, 1.5),
    thumbTip: tip,
  };
  const eye = { ...points };
  // From the player's eye the tip is to the left; the same places, mirrored.
  for (const [name, p] of Object.entries(eye))
    eye[name as keyof Points] = { x: 1000 - p.x, y: p.y };
  const of = (id: Parameters<typeof measured>[0]) => value(measured(id, 'player-eye', eye));
  return svg(
    420,
    250,
    `opposition = (x thumb − x middle) ÷ finger breadth = ${of('thumbOpposition')}`,
    limb([at(-6, 44), at(-2, 24), tip], 32),
    ...bow,
    drawn(finger('middle', 6, 1.2), 24),
    drawn(finger('index', 27, 1.5), 24),
    dot(tip, RUST, 5),
    span(at(3, 34), at(27, 34), `lead ${of('indexLead')}`),
    span(at(3, -14), at(6, -14), '', TEAL),

    text({ x: 250, y: 238 }, 'place of the thumb: x of its tip', SECOND),
  );
}

function ferrule(): string {
  const places = [
    ['middle', 10],
    ['ring', -2],
    ['little', -20],
  ] as const;
  const tips = places.map(([name, x]) => ({ name, at: at(x, 16) }));
  return svg(
    420,
    200,
    `the fingertip within ${FERRULE_REACH_MM} mm of the ferrule’s middle, if one is`,
    ...bow,
    `<rect x="${at(FERRULE_X_MM).x - 14}" y="${Y + 34}" width="28" height="13" fill="#B9B3A4"/>`,
    `<rect x="${at(FERRULE_X_MM - FERRULE_REACH_MM).x}" y="${Y - 40}" width="${2 * FERRULE_REACH_MM * PX_PER_MM}" height="100" fill="${TEAL}" opacity="0.18"/>`,
    ...tips.map(({ name, at: tip }) => dot(tip, name === 'ring' ? TEAL : RUST, 6)),
    ...tips.map(({ name, at: tip }) => text({ x: tip.x, y: tip.y + 26 }, name, SECOND, 'middle')),
  );
}

/** Places along the stick and depths across the fingers. */
export const stickPlaces: Record<string, string> = {
  'stick-frame': frame(),
  depth: depth(),
  gaps: gaps(),
  'thumb-places': thumbPlaces(),
  ferrule: ferrule(),
};
