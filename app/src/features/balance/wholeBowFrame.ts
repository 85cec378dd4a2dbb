/**
 * The whole bow in its drawing: it turns about the thumb, and becomes smaller as it rises, so that the tip stays inside.
 * Units are mm of the bow when it lies level.
 */
export interface WholeBowFrame {
  width: number;
  height: number;
  pivot: { x: number; y: number };
  scale: number;
  tiltDeg: number;
  thumbMm: number;
}

const HEIGHT = 424;
const PIVOT_Y = 290;
/** Room at either end. */
const MARGIN = 28;
const TOP = 26;

export function wholeBowFrame(
  { frogFrontMm, lengthMm }: { frogFrontMm: number; lengthMm: number },
  thumbMm: number,
  tiltDeg: number,
): WholeBowFrame {
  const rises = (lengthMm - frogFrontMm - thumbMm) * Math.sin((tiltDeg * Math.PI) / 180);
  return {
    width: lengthMm + 2 * MARGIN,
    height: HEIGHT,
    pivot: { x: MARGIN + frogFrontMm + thumbMm, y: PIVOT_Y },
    scale: Math.min(1, (PIVOT_Y - TOP) / Math.max(1, rises)),
    tiltDeg,
    thumbMm,
  };
}

/** Where a place of the bow is drawn: x from the frog's front, y toward the hair, mm. */
export function drawnAt(
  { pivot, scale, tiltDeg, thumbMm }: WholeBowFrame,
  x: number,
  y: number,
): { x: number; y: number } {
  const rad = (tiltDeg * Math.PI) / 180;
  const [along, across] = [(x - thumbMm) * scale, y * scale];
  return {
    x: pivot.x + along * Math.cos(rad) + across * Math.sin(rad),
    y: pivot.y - along * Math.sin(rad) + across * Math.cos(rad),
  };
}

/** Which place of the stick is nearest to a place of the drawing, mm from the frog's front. */
export function alongBow(
  { pivot, scale, tiltDeg, thumbMm }: WholeBowFrame,
  x: number,
  y: number,
): number {
  const rad = (tiltDeg * Math.PI) / 180;
  return thumbMm + ((x - pivot.x) * Math.cos(rad) - (y - pivot.y) * Math.sin(rad)) / scale;
}

/** How the bow would have to be raised for its tip to point to a place of the drawing, 0 to 90 degrees. */
export function tiltToward({ pivot }: WholeBowFrame, x: number, y: number): number {
  const deg = (Math.atan2(pivot.y - y, x - pivot.x) * 180) / Math.PI;
  return deg < -90 || deg > 90 ? 90 : Math.max(0, deg);
}
