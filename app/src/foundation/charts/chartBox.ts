/** The paper of a chart and what is left free around its lines, in its own units; and how large its words are. */
export interface ChartBox {
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
  font: number;
}

/** How wide a chart is drawn, in its own units; it is shown as wide as there is room. */
export const CHART_WIDTH = 360;

export const CHART_MARGIN = { left: 38, right: 12, bottom: 24 };

/** Where the level axis lies in the chart's own width, for what is laid over it. */
export const CHART_BOX = {
  left: CHART_MARGIN.left,
  width: CHART_WIDTH - CHART_MARGIN.left - CHART_MARGIN.right,
  whole: CHART_WIDTH,
};

/** Room above, and for each row of words there. */
export const CHART_TOP = 12;
export const CHART_ROW = 17;
