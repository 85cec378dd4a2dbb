import { holdById } from '@open-palm/core/holds';
import { measureCheck, tiltOf, verdictAgainst, type Tap } from '@open-palm/core/measure';
import { AMBER, dot, INK, limb, line, RUST, SECOND, span, svg, TEAL, text } from './drawing';

/** A normal curve over a band, with the verdict that the program gives. */
function verdict(): string {
  const [value, sd] = [17, 5];
  const band = { lo: 20, hi: 60 };
  const x = (deg: number) => 40 + deg * 4.6;
  const height = (deg: number) => 110 * Math.exp(-((deg - value) ** 2) / (2 * sd ** 2));
  const curve = Array.from({ length: 81 }, (_, i) => i * 0.5).map(
    (deg, i) => `${i === 0 ? 'M' : 'L'}${x(deg).toFixed(1)} ${(150 - height(deg)).toFixed(1)}`,
  );
  return svg(
    420,
    190,
    `P(below the band) = 0.73, under 0.8: “${verdictAgainst(value, sd, band)}”`,
    `<rect x="${x(band.lo)}" y="30" width="${x(band.hi) - x(band.lo)}" height="120" fill="${TEAL}" opacity="0.15"/>`,
    line({ x: 30, y: 150 }, { x: 400, y: 150 }),
    `<path d="${curve.join('')}" fill="none" stroke="${AMBER}" stroke-width="2"/>`,
    text({ x: x(band.lo), y: 168 }, '20°', INK, 'middle'),
    text({ x: x(band.hi), y: 168 }, '60°', INK, 'middle'),
    text({ x: x(value), y: 184 }, `${value}° ± ${sd}°`, AMBER, 'middle'),
  );
}

function parallax(): string {
  const eye = { x: 60, y: 30 };
  const axis = { x: 300, y: 110 };
  const front = { x: 240, y: 110 };
  const off = 15;
  const shift = 60 * Math.tan((off * Math.PI) / 180);
  return svg(
    420,
    200,
    '',
    limb(
      [
        { x: 240, y: 24 },
        { x: 240, y: 190 },
      ],
      40,
    ),
    dot(axis, '#7A3E1D', 12),
    line({ x: 60, y: 110 }, axis, SECOND, 1.2, '4 4'),
    line({ x: eye.x, y: eye.y + 15.7 }, axis, RUST, 1.5),
    dot(front, TEAL, 4),
    dot({ x: 240, y: 110 - shift }, RUST, 4),
    text({ x: 20, y: 126 }, 'square view', SECOND),
    text({ x: 20, y: 36 }, `${off}° off`, RUST),
    text({ x: 320, y: 114 }, 'stick, end on', SECOND),
    text(
      { x: 12, y: 194 },
      '12 mm in front of the axis: 12 · tan 15° = 3.2 mm, or 0.13 joint units',
      INK,
    ),
  );
}

function foreshortening(): string {
  const whole = 26;
  const shown = 19;
  const tilt = tiltOf(shown, whole);
  const rad = (tilt * Math.PI) / 180;
  const scale = 6;
  const foot = { x: 90, y: 120 };
  const tip = {
    x: foot.x + whole * scale * Math.cos(rad),
    y: foot.y - whole * scale * Math.sin(rad),
  };
  return svg(
    420,
    200,
    `tilt = arccos(shown ÷ expected) = ${tilt.toFixed(0)}°`,
    line({ x: 40, y: 120 }, { x: 380, y: 120 }, SECOND, 1.2, '4 4'),
    limb([foot, tip], 22),
    line(tip, { x: tip.x, y: 120 }, RUST, 1.2, '3 3'),
    span({ x: foot.x, y: 150 }, { x: tip.x, y: 150 }, `shown ${shown} mm`),
    text({ x: tip.x + 20, y: 40 }, `expected ${whole} mm`, INK),
    text({ x: tip.x + 20, y: 112 }, 'plane of the picture', SECOND),
  );
}

/** Two answers by tap for one checkpoint, merged by the program. */
function merging(): string {
  const tap = (value: number, sd: number): Tap => ({
    measure: 'indexDepth',
    answer: { kind: 'value', value, sd },
  });
  const merge = (...taps: Tap[]) =>
    measureCheck({ context: 'free', captures: [], taps }, holdById('violin-shallow')).measures[0]!;
  const agree = merge(tap(1.4, 0.2), tap(1.7, 0.15));
  const differ = merge(tap(1.2, 0.15), tap(2.4, 0.15));
  const number = (m: typeof agree) =>
    m.measure.kind === 'number' ? `${m.measure.value.toFixed(2)} ± ${m.measure.sd.toFixed(2)}` : '';
  const x = (u: number) => 60 + u * 110;
  const bar = (u: number, sd: number, y: number, color: string) =>
    line({ x: x(u - sd), y }, { x: x(u + sd), y }, color, 3) + dot({ x: x(u), y }, color, 5);
  return svg(
    420,
    200,
    '',
    bar(1.4, 0.2, 46, SECOND),
    bar(1.7, 0.15, 62, SECOND),
    bar(agree.measure.kind === 'number' ? agree.measure.value : 0, 0.12, 82, TEAL),
    text(
      { x: 12, y: 26 },
      `agree: weighed by 1/SD², ${number(agree)}, “${agree.measure.verdict}”`,
      TEAL,
    ),
    bar(1.2, 0.15, 146, RUST),
    bar(2.4, 0.15, 162, RUST),
    text(
      { x: 12, y: 126 },
      `differ by more than 1.96 common SD: conflict, “${differ.measure.verdict}”`,
      RUST,
    ),
    text({ x: 404, y: 190 }, 'depth u', SECOND, 'end'),
  );
}

function range(): string {
  const place = (x: number, deg: number, name: string) => {
    const wrist = { x, y: 90 };
    const rad = (deg * Math.PI) / 180;
    const hand = { x: x + 60 * Math.cos(rad), y: 90 + 60 * Math.sin(rad) };
    return (
      limb([{ x: x - 70, y: 90 }, wrist, hand], 26) +
      text({ x: x - 40, y: 150 }, `${name}: ${String(deg).replace('-', '−')}°`, AMBER)
    );
  };
  return svg(
    420,
    180,
    'range = largest − smallest over heel, middle and point: 20° − (−14°) = 34°',
    place(110, 20, 'heel'),
    place(300, -14, 'point'),
  );
}

function relaxed(): string {
  const xs = [300, 250, 200, 155];
  const lengths = [120, 132, 124, 96];
  return svg(
    420,
    220,
    'gap ratio = gap on the stick ÷ gap of the hand at rest',
    ...xs.map((x, i) =>
      limb(
        [
          { x, y: 40 },
          { x: x - 2, y: 40 + lengths[i]! },
        ],
        30,
      ),
    ),
    span({ x: 250, y: 110 }, { x: 300, y: 110 }, 'natural gap'),
    line({ x: 250, y: 40 }, { x: 249, y: 102 }, INK, 2.5),
    text({ x: 12, y: 90 }, 'yardstick: the first', SECOND),
    text({ x: 12, y: 106 }, 'bone of the middle', SECOND),
    text({ x: 12, y: 122 }, 'finger', SECOND),
  );
}

/** Verdicts, doubts, and how several sources come together. */
export const doubts: Record<string, string> = {
  verdict: verdict(),
  parallax: parallax(),
  foreshortening: foreshortening(),
  merging: merging(),
  'wrist-range': range(),
  'relaxed-hand': relaxed(),
};
