/** How a look begins on this device: with the camera, or by touching the drawn hand. */
export const LOOK_WAYS = ['camera', 'tap'] as const;
export type LookWay = (typeof LOOK_WAYS)[number];

const KEY = 'open-palm.look.way';
let chosen: LookWay | null = null;

/** The way in which the last look was begun on this device. */
export function lookWay(): LookWay {
  if (chosen === null) {
    let kept: string | null = null;
    try {
      kept = localStorage.getItem(KEY);
    } catch {
      // Without storage each page begins with the camera.
    }
    chosen = LOOK_WAYS.find((way) => way === kept) ?? 'camera';
  }
  return chosen;
}

export function rememberLookWay(way: LookWay): void {
  chosen = way;
  try {
    localStorage.setItem(KEY, way);
  } catch {
    // It holds until the page is left.
  }
}
