import {
  balanceOf,
  overStroke,
  weightAtMm,
  weightN,
  type BalanceSetup,
} from '@open-palm/core/balance';
import { AMBER, dot, INK, line, RUST, SECOND, span, stick, svg, TEAL, text } from './drawing';

/** The worked bow of the specification: 60 g, its weight 183 mm ahead of the thumb. */
const violin: BalanceSetup = {
  bow: { massG: 60, balanceMm: 245, thumbMm: 62, lengthMm: 745 },
  hold: 'over',
  contacts: { index: 24, middle: 4, ring: -11, little: -45 },
  string: { forceN: 0.6, atMm: 400 },
  tiltDeg: 0,
  planeDeg: 0,
};

/** A force as an arrow that ends at a place, down (+) or up (−), px. */
const force = (x: number, y: number, length: number, color: string, words: string) => {
  const tail = y - length;
  const head = Math.sign(length) * 7;
  return [
    line({ x, y: tail }, { x, y }, color, 2.5),
    line({ x: x - 5, y: y - head }, { x, y }, color, 2.5),
    line({ x: x + 5, y: y - head }, { x, y }, color, 2.5),
    text({ x, y: tail - Math.sign(length) * 6 + (length < 0 ? 8 : 0) }, words, color, 'middle'),
  ].join('');
};

/** A weight hangs below the stick, its words under it. */
const hanging = (x: number, y: number, length: number, words: string) =>
  force(x, y + length, length, INK, '') + text({ x, y: y + length + 14 }, words, INK, 'middle');

const newton = (value: number) => `${value.toFixed(2)} N`;

function lever(): string {
  const answer = balanceOf(violin);
  if (!answer.feasible) throw new Error(answer.why);
  const { shareN } = answer.balance;
  const [thumbX, y, scale] = [110, 130, 0.9];
  const x = (mm: number) => thumbX + mm * scale;
  const px = 16;
  const { string, contacts } = violin;
  const weightAt = weightAtMm(violin);
  return svg(
    620,
    290,
    'Over-hand on the string: every push, and where it acts from the thumb',
    stick({ x: 50, y }, { x: 590, y }),
    force(x(contacts.index!), y - 6, shareN.index! * px, AMBER, `index ${newton(shareN.index!)}`),
    force(thumbX, y + 6, -shareN.thumb! * px, AMBER, `thumb ${newton(shareN.thumb!)}`),
    hanging(x(weightAt), y + 6, weightN(violin) * px, `W ${newton(weightN(violin))}`),
    force(x(string!.atMm), y + 6, -string!.forceN * 2 * px, TEAL, `N ${newton(string!.forceN)}`),
    ...[contacts.middle!, contacts.ring!, contacts.little!].map((at) => dot({ x: x(at), y })),
    text({ x: x(contacts.little!), y: y - 12 }, 'little', SECOND, 'middle'),
    span({ x: thumbX, y: 252 }, { x: x(weightAt), y: 252 }, `c = ${weightAt} mm`, SECOND),
    span({ x: thumbX, y: 276 }, { x: x(string!.atMm), y: 276 }, `s = ${string!.atMm} mm`, SECOND),
  );
}

function stroke(): string {
  const points = overStroke(violin, 10, 640);
  const [left, bottom] = [50, 190];
  const x = (mm: number) => left + mm * 0.8;
  const y = (newtons: number) => bottom - newtons * 11;
  const path = (contact: 'index' | 'little' | 'thumb', color: string, dash = '') => {
    const d = points
      .map(({ at, answer }, i) => {
        const value = answer.feasible ? answer.balance.shareN[contact]! : 0;
        return `${i === 0 ? 'M' : 'L'}${x(at).toFixed(1)} ${y(value).toFixed(1)}`;
      })
      .join('');
    return `<path d="${d}" fill="none" stroke="${color}" stroke-width="2"${dash && ` stroke-dasharray="${dash}"`}/>`;
  };
  const answer = balanceOf(violin);
  const handOver = answer.feasible ? answer.balance.handOverMm! : 0;
  return svg(
    620,
    220,
    'Natural share over a stroke at 0.6 N, the hand-over dotted',
    line({ x: left, y: bottom }, { x: 580, y: bottom }, SECOND),
    line({ x: left, y: bottom }, { x: left, y: 20 }, SECOND),
    ...[5, 10, 15].map((tick) => text({ x: left - 6, y: y(tick) + 4 }, `${tick} N`, SECOND, 'end')),
    path('thumb', INK, '6 4'),
    path('index', AMBER),
    path('little', RUST),
    line({ x: x(handOver), y: bottom }, { x: x(handOver), y: 30 }, INK, 1.5, '2 3'),
    text({ x: x(handOver) + 6, y: 40 }, `s* = ${handOver.toFixed(1)} mm`, INK),
    text({ x: 470, y: 110 }, 'index', AMBER),
    text({ x: 420, y: 76 }, 'thumb, dashed', INK, 'end'),
    text({ x: 66, y: 148 }, 'little', RUST),
    text({ x: left, y: 210 }, 'heel', SECOND),
    text({ x: 562, y: 210 }, 'point', SECOND, 'end'),
  );
}

function across(): string {
  const bass: BalanceSetup = {
    bow: { massG: 135, balanceMm: 225, thumbMm: 74, lengthMm: 705 },
    hold: 'over',
    contacts: { index: 35, little: -23 },
    string: null,
    tiltDeg: 0,
    planeDeg: 90,
  };
  const answer = balanceOf(bass);
  const { index, thumb } = answer.feasible ? answer.balance.acrossN! : { index: 0, thumb: 0 };
  const [thumbX, y, scale, px] = [120, 110, 2.4, 12];
  const x = (mm: number) => thumbX + mm * scale;
  return svg(
    620,
    220,
    'Across the strings: a French bass bow, ψ = 90°, lead 35 mm',
    stick({ x: 60, y }, { x: 560, y }),
    force(thumbX, y - 6, thumb * px, AMBER, `thumb ${newton(thumb)}`),
    force(x(35), y + 6, -index * px, AMBER, `index ${newton(index)}`),
    hanging(x(weightAtMm(bass)), y + 6, weightN(bass) * px, `W·sin ψ ${newton(weightN(bass))}`),
    span(
      { x: thumbX, y: 208 },
      { x: x(weightAtMm(bass)), y: 208 },
      `c = ${weightAtMm(bass)} mm`,
      SECOND,
    ),
  );
}

/** The figures of docs/balance.md, drawn from what the program computes. */
export const balanceFigures: Record<string, string> = {
  'balance-lever': lever(),
  'balance-stroke': stroke(),
  'balance-across': across(),
};
