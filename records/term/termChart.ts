import { TERM_STATES, type TermPoint } from '@open-palm/contract';
import { dotPath, whiskerPath } from '@open-palm/core/track/chartPaths';

/** A family's weeks as shapes, to be painted on whatever paper. */
export interface TermChart {
  width: number;
  height: number;
  /** Where it is as it should be. */
  band: string;
  /** The edge of that. */
  edge: string;
  whiskers: string;
  /** Marks by their state; of an unsure one the outline, and its half apart. */
  marks: Record<(typeof TERM_STATES)[number], string>;
  halves: string;
}

export const TERM_CHART = { width: 240, height: 96 };
const PAD = 8;
const R = 4;

/** The chart of a family's weeks: above the edge is as it should be. */
export function termChart(points: readonly TermPoint[]): TermChart {
  const { width, height } = TERM_CHART;
  const lo = Math.min(-1, ...points.map(({ value, sd }) => value - sd));
  const hi = Math.max(1, ...points.map(({ value, sd }) => value + sd));
  const y = (value: number) => PAD + ((hi - value) / (hi - lo)) * (height - 2 * PAD);
  const placed = points.map((point) => ({
    ...point,
    x: PAD + point.at * (width - 2 * PAD),
    y: y(point.value),
    lo: 0,
    hi: null,
  }));
  const of = (state: TermPoint['state']) => placed.filter((point) => point.state === state);
  const edge = y(0).toFixed(1);
  return {
    width,
    height,
    band: `M0 0H${width}V${edge}H0z`,
    edge: `M0 ${edge}H${width}`,
    whiskers: whiskerPath(placed, y, [0, height]),
    marks: {
      in: dotPath(of('in'), 'disc', R),
      unsure: dotPath(of('unsure'), 'disc', R),
      out: dotPath(of('out'), 'square', R),
      none: dotPath(of('none'), 'disc', R - 1),
    },
    halves: dotPath(of('unsure'), 'half', R),
  };
}
