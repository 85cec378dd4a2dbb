import type { Vec2 } from '@open-palm/core/units';

/** Plain SVG for the figures of the docs: few shapes, one look. */

export const INK = '#1E1B16';
export const SECOND = '#5A5247';
export const AMBER = '#B4690E';
export const TEAL = '#0F766E';
export const RUST = '#A8321A';
const PAPER = '#FFFDF8';
const WOOD = '#7A3E1D';
const FROG = '#26221D';
const SKIN = '#DDB08E';
const SKIN_LINE = '#6F4527';

const n = (value: number) => String(Math.round(value * 100) / 100);

/** Height of the strip above a figure that holds its title. */
const TITLE_PX = 30;

export function svg(width: number, height: number, title: string, ...shapes: string[]): string {
  const whole = height + TITLE_PX;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${whole}" width="${width}" height="${whole}" font-family="sans-serif" font-size="12">`,
    `<rect width="${width}" height="${whole}" fill="${PAPER}"/>`,
    text({ x: 12, y: 20 }, title),
    `<svg y="${TITLE_PX}" width="${width}" height="${height}">`,
    ...shapes,
    '</svg>',
    '</svg>',
    '',
  ].join('\n');
}

export const line = (a: Vec2, b: Vec2, color = INK, width = 1.5, dash = '') =>
  `<line x1="${n(a.x)}" y1="${n(a.y)}" x2="${n(b.x)}" y2="${n(b.y)}" stroke="${color}" stroke-width="${width}"${dash && ` stroke-dasharray="${dash}"`} stroke-linecap="round"/>`;

export const dot = (at: Vec2, color = INK, r = 3.5) =>
  `<circle cx="${n(at.x)}" cy="${n(at.y)}" r="${r}" fill="${color}"/>`;

export const ring = (at: Vec2, r: number, color = INK) =>
  `<circle cx="${n(at.x)}" cy="${n(at.y)}" r="${n(r)}" fill="none" stroke="${color}"/>`;

export const text = (at: Vec2, words: string, color = INK, anchor = 'start') =>
  `<text x="${n(at.x)}" y="${n(at.y)}" fill="${color}" text-anchor="${anchor}">${words}</text>`;

/** A limb of flesh around a line of points. */
export const limb = (points: readonly Vec2[], width: number) => {
  const path = points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${n(x)} ${n(y)}`).join('');
  const stroke = (color: string, w: number) =>
    `<path d="${path}" fill="none" stroke="${color}" stroke-width="${w}" stroke-linecap="round" stroke-linejoin="round"/>`;
  return stroke(SKIN_LINE, width + 2) + stroke(SKIN, width);
};

/** The stick as a band, from the button's side to the tip's. */
export const stick = (from: Vec2, to: Vec2, width = 10) => line(from, to, WOOD, width);

export const frog = (x: number, y: number, width: number, height: number) =>
  `<rect x="${n(x)}" y="${n(y)}" width="${n(width)}" height="${n(height)}" rx="2" fill="${FROG}"/>`;

export const rect = (
  x: number,
  y: number,
  width: number,
  height: number,
  color: string,
  opacity = 1,
) =>
  `<rect x="${n(x)}" y="${n(y)}" width="${n(width)}" height="${n(height)}" fill="${color}" opacity="${opacity}"/>`;

/** An arc about a centre from one direction to another, degrees clockwise from the right. */
export function arc(
  centre: Vec2,
  r: number,
  fromDeg: number,
  toDeg: number,
  color = AMBER,
): string {
  const at = (deg: number) => ({
    x: centre.x + r * Math.cos((deg * Math.PI) / 180),
    y: centre.y + r * Math.sin((deg * Math.PI) / 180),
  });
  const [a, b] = [at(fromDeg), at(toDeg)];
  const large = Math.abs(toDeg - fromDeg) > 180 ? 1 : 0;
  const sweep = toDeg > fromDeg ? 1 : 0;
  return `<path d="M${n(a.x)} ${n(a.y)}A${r} ${r} 0 ${large} ${sweep} ${n(b.x)} ${n(b.y)}" fill="none" stroke="${color}" stroke-width="2"/>`;
}

/** A length between two points with its words beside it. */
export const span = (a: Vec2, b: Vec2, words: string, color = AMBER) =>
  line(a, b, color, 1.5) +
  [a, b].map((p) => line({ x: p.x, y: p.y - 4 }, { x: p.x, y: p.y + 4 }, color)).join('') +
  text({ x: (a.x + b.x) / 2, y: a.y - 6 }, words, color, 'middle');

/** Direction from one point to another, degrees clockwise from the right. */
export const headingDeg = (from: Vec2, to: Vec2) =>
  (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;

export const extended = (from: Vec2, through: Vec2, by: number): Vec2 => {
  const length = Math.hypot(through.x - from.x, through.y - from.y);
  return {
    x: through.x + ((through.x - from.x) / length) * by,
    y: through.y + ((through.y - from.y) / length) * by,
  };
};
