import type { Place } from '../picture';

/** A line across a picture: the places p with p · normal = rho. */
export interface Line {
  /** Direction along it, radians, y down. */
  theta: number;
  rho: number;
}

/** A stripe of some width about a line, px. */
export interface Band extends Line {
  widthPx: number;
}

/** A quarter turn clockwise, as it is looked at, from a line's direction. */
export const normalOf = (theta: number): Place => ({ x: -Math.sin(theta), y: Math.cos(theta) });

/** How far a place is off a line, toward its normal. */
export const offLine = ({ theta, rho }: Line, { x, y }: Place): number =>
  Math.cos(theta) * y - Math.sin(theta) * x - rho;

/** Whether two lines are one and the same to the eye: nearly parallel, and nearer than so much. */
export function isSameLine(a: Line, b: Line, nearPx: number): boolean {
  const turn = Math.abs(a.theta - b.theta);
  const isTurned = turn > Math.PI / 2;
  return (
    Math.min(turn, Math.PI - turn) < SAME_TURN &&
    Math.abs(a.rho - (isTurned ? -b.rho : b.rho)) < nearPx
  );
}

const SAME_TURN = 0.1;
