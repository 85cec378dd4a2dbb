import { DEG_PER_RAD, type Vec2 } from '../units';

/** A joint as it is printed: two bones that meet in a cross, with a known bend and a known first bone. */
export interface RulerFigure {
  name: RulerFigureName;
  /** 0 is straight, as a finger's bend. */
  bendDeg: number;
  /** From the first cross to the middle one. */
  lengthMm: number;
}

export const RULER_FIGURES = ['a', 'b', 'c', 'd', 'e'] as const;
export type RulerFigureName = (typeof RULER_FIGURES)[number];

/** A cross of the page: a figure's first, middle and last, or an end of the bar that gives the scale. */
export type RulerPoint = `${RulerFigureName}${1 | 2 | 3}` | 'bar1' | 'bar2';

/** The printed part, which fits on A4 and on US Letter. */
export const RULER_PAGE_MM = { width: 170, height: 215 };

/** The bar stands for the frog, whose length gives a picture its scale. */
export const BAR_MM = 100;

/** Bends and bones as hands have them, from nearly straight to a right angle; each turned otherwise on the page. */
const PRINTED: readonly (RulerFigure & { middle: Vec2; turnDeg: number; lastMm: number })[] = [
  { name: 'a', bendDeg: 10, lengthMm: 60, lastMm: 45, middle: { x: 66, y: 34 }, turnDeg: 12 },
  { name: 'b', bendDeg: 25, lengthMm: 45, lastMm: 40, middle: { x: 140, y: 62 }, turnDeg: 98 },
  { name: 'c', bendDeg: 40, lengthMm: 50, lastMm: 30, middle: { x: 62, y: 92 }, turnDeg: -20 },
  { name: 'd', bendDeg: 60, lengthMm: 35, lastMm: 40, middle: { x: 146, y: 150 }, turnDeg: 62 },
  { name: 'e', bendDeg: 90, lengthMm: 70, lastMm: 35, middle: { x: 82, y: 148 }, turnDeg: 4 },
];

const BAR: Readonly<Record<'bar1' | 'bar2', Vec2>> = {
  bar1: { x: 35, y: 205 },
  bar2: { x: 35 + BAR_MM, y: 205 },
};

const along = ({ x, y }: Vec2, deg: number, mm: number): Vec2 => ({
  x: x + mm * Math.cos(deg / DEG_PER_RAD),
  y: y + mm * Math.sin(deg / DEG_PER_RAD),
});

/** Where each cross stands, mm from the upper left corner of the printed part, y down. */
export const RULER_POINTS = Object.fromEntries([
  ...PRINTED.flatMap(({ name, bendDeg, lengthMm, lastMm, middle, turnDeg }) => [
    [`${name}1`, along(middle, turnDeg + 180, lengthMm)],
    [`${name}2`, middle],
    [`${name}3`, along(middle, turnDeg + bendDeg, lastMm)],
  ]),
  ...Object.entries(BAR),
]) as Readonly<Record<RulerPoint, Vec2>>;

/** What is known of each figure. */
export const RULER_TRUTH: readonly RulerFigure[] = PRINTED;

/** The order in which the crosses are asked for. */
export const RULER_ORDER: readonly RulerPoint[] = [
  'bar1',
  'bar2',
  ...RULER_FIGURES.flatMap((name) => [`${name}1`, `${name}2`, `${name}3`] as const),
];
