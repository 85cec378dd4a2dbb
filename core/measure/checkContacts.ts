import { FINGERS, type Finger } from '../hand';
import type { Hold } from '../holds';
import { STICK_REACH_MM } from './fingerMeasures';
import { gripContacts, type GripContacts } from './gripContacts';
import type { Contact } from './contactDepth';
import type { Look } from './measureCheck';
import type { MeasureId } from './measureIds';
import type { TapAnswer } from './taps';
import { viewsOf } from './sights';

/** A finger that was said to be off the stick is drawn this far above it, mm. */
const LIFTED_MM = STICK_REACH_MM + 8;

/**
 * Where thumb and fingers were in a whole look, for drawing: from the picture that shows the fingers best, and where no
 * picture does, from the taps. What was only called good stands where the hold wants it.
 */
export function checkContacts(look: Look, hold: Hold): GripContacts {
  const best = viewsOf('fingersOnStick');
  const order = (view: string) => (best as readonly string[]).indexOf(view) >>> 0;
  const shown = [...look.captures]
    .sort((a, b) => order(a.view) - order(b.view))
    .map((capture) => gripContacts(capture, hold));
  const tapped = (id: MeasureId) => look.taps.find((tap) => tap.measure === id)?.answer;
  const thumb = tapped('thumbPlace');
  const thumbXMm =
    shown.map(({ thumbXMm }) => thumbXMm).find((x) => x !== null) ??
    (thumb ? (thumb.kind === 'value' ? thumb.value : hold.startingPlacesMm.thumb) : null);
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) {
    fingers[finger] =
      shown.map((contacts) => contacts.fingers[finger]).find((contact) => contact !== null) ??
      tappedContact(finger, tapped(`${finger}Depth`), tapped('littlePlace'), hold);
  }
  const lead = tapped('indexLead');
  const { index } = fingers;
  if (lead?.kind === 'value' && !shown.some(({ fingers: { index } }) => index)) {
    // How far it is ahead of the thumb was told, and so is where it is.
    const at = (thumbXMm ?? hold.startingPlacesMm.thumb) + lead.value;
    const usual: Contact = {
      u: hold.startingDepthsU.index,
      xMm: at,
      dMm: 0,
      touching: true,
    };
    const { onlyDepth: _, ...known } = index ?? usual;
    fingers.index = { ...known, xMm: at };
  }
  return { thumbXMm, fingers };
}

function tappedContact(
  finger: Finger,
  depth: TapAnswer | undefined,
  littlePlace: TapAnswer | undefined,
  hold: Hold,
): GripContacts['fingers'][Finger] {
  const place = finger === 'little' ? littlePlace : undefined;
  if (!depth && !place) return null;
  const isOff = place?.kind === 'category' && place.category === 'off';
  return {
    u: depth?.kind === 'value' ? depth.value : hold.startingDepthsU[finger],
    xMm: hold.startingPlacesMm[finger],
    dMm: isOff ? -LIFTED_MM : 0,
    touching: !isOff,
    onlyDepth: true,
  };
}
