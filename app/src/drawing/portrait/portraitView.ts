import { PORTRAIT_VIEWS, type PortraitView } from '@open-palm/core/portrait/views';
import type { Hold } from '@open-palm/core/holds';
import { remembered } from '../../foundation/kit/remembered';

type HandKind = Hold['hand'];

/** From where a hold is looked at first: an under-hand one shows nothing from the fingers' side. */
const FIRST: Record<HandKind, PortraitView> = { over: 'fingerSide', under: 'playerEye' };

/** The sides that a tap goes through. */
export const TURNED: Record<HandKind, readonly PortraitView[]> = {
  over: ['fingerSide', 'thumbSide', 'playerEye', 'profile'],
  under: ['playerEye', 'thumbSide', 'downStick', 'fingerSide', 'profile'],
};

const viewOf = (hand: HandKind) =>
  remembered(`open-palm.side.${hand}`, PORTRAIT_VIEWS, FIRST[hand]);
const VIEWS = { over: viewOf('over'), under: viewOf('under') };

/** The side from which portraits are looked at on this device, and how to choose another. */
export const usePortraitView = (hand: HandKind) => VIEWS[hand].use();

/** The side after this one, or before it. */
export function turned(view: PortraitView, by: 1 | -1, hand: HandKind): PortraitView {
  const sides = TURNED[hand];
  return sides[(sides.indexOf(view) + by + sides.length) % sides.length]!;
}
