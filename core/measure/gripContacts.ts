import { FINGERS, UNKNOWN_HAND, type Finger } from '../hand';
import type { Hold } from '../holds';
import type { Capture } from './capture';
import type { Contact } from './contactDepth';
import { geometryOf, STICK_POINTS } from './geometry';
import { geometryFacts } from './measureCapture';
import { contactPoints } from './measureSpec';
import { hairTurn, type View } from './view';

/** Where thumb and fingers are on the stick, for drawing; null is not seen. */
export interface GripContacts {
  thumbXMm: number | null;
  fingers: Record<Finger, Contact | null>;
}

const THUMB_VIEWS: readonly View[] = ['thumb-side', 'player-eye'];

/**
 * The contacts that one picture shows, for the portrait. Places come from any view that shows the stick from the
 * side; how deep the stick lies in a finger is only to be read where the measures say so.
 *
 * @param capture free of issues
 */
export function gripContacts(capture: Capture, hold: Hold): GripContacts {
  const geometry = geometryOf(capture, geometryFacts(hold, UNKNOWN_HAND));
  const seen = (names: readonly (keyof Capture['points'])[]) =>
    hairTurn(capture.view, capture.side) !== null && names.every((name) => capture.points[name]);
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) {
    fingers[finger] = seen(contactPoints(finger)) ? geometry.contact(finger) : null;
  }
  const thumbSeen = THUMB_VIEWS.includes(capture.view) && seen([...STICK_POINTS, 'thumbTip']);
  return {
    thumbXMm: thumbSeen ? geometry.place('thumbTip').xMm : null,
    fingers,
  };
}
