import { strings } from '../../foundation/strings';

const words = strings.report;

const LABELS: Readonly<Record<string, string>> = {
  title: words.headingLabel,
  opening: words.openingLabel,
  closing: words.closingLabel,
  points: words.pointLabel(1),
};

/** What a field of a report is called on the screen, by its place in what is kept: `points[2]` is the third point. */
export function fieldName(where: string): string {
  const point = /^points\[(\d+)\]/.exec(where)?.[1];
  return point === undefined ? (LABELS[where] ?? words.title) : words.pointLabel(Number(point) + 1);
}
