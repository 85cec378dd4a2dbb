/** One line of a chart; a null value is a gap. */
export interface ChartLine {
  id: string;
  /** A letter or two that stands on the line, so that lines are told apart without colour; empty where all are alike. */
  mark: string;
  color: string;
  dash?: string;
  points: readonly { x: number; y: number | null }[];
}

/** A stretch in which values are wanted between two heights; an open end reaches the edge. */
export interface ChartBand {
  from: number;
  to: number;
  lo: number | undefined;
  hi: number | undefined;
}

/** An upright or level rule across a chart, with its word. */
export interface ChartRule {
  at: number;
  /** Empty where there are too many to name. */
  label: string;
  color: string;
  dash?: string;
}

/** How high a chart is where it does not say, in its own units. */
export const CHART_HEIGHT = 190;

/** What a chart of lines is given. */
export interface LineChartProps {
  /** What it shows, for those who cannot see it. */
  label: string;
  lines: readonly ChartLine[];
  xDomain: readonly [number, number];
  /** Where the upright axis ends, and where it begins. */
  yMax: number;
  yMin?: number;
  /** Words for places along the level axis, at those places. */
  xWords: readonly { at: number; word: string }[];
  /** Unit of the upright axis. */
  yWord: string;
  rulesX?: readonly ChartRule[];
  rulesY?: readonly ChartRule[];
  /** Where values are wanted. */
  bands?: readonly ChartBand[];
  /** Where one is now. */
  cursor?: number;
  height?: number;
}
