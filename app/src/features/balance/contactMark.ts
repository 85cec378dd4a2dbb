import { comfortCapN, CONTACTS, type ContactName } from '@open-palm/core/balance';
import type { MarkState } from '../../foundation/kit/StateMark';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';

/** What a contact is marked with in drawings and charts: the fingers by their numbers. */
export function markText(contact: ContactName): string {
  if (contact === 'thumb') return strings.portrait.thumb;
  return contact === 'web' ? balanceWords.webMark : String(CONTACTS.indexOf(contact));
}

/** A force that is none to the hand, N. */
const NONE_N = 0.05;

/** How a force stands to what is comfortable. */
export function contactMark(contact: ContactName, forceN: number, strength: number): MarkState {
  const force = Math.abs(forceN);
  if (force < NONE_N) return 'none';
  return isAboveCap(contact, force, strength) ? 'out' : 'in';
}

/** Whether a force, as it is told to 0.1 N, is more than is comfortable. */
export const isAboveCap = (contact: ContactName, forceN: number, strength: number): boolean =>
  Math.round(Math.abs(forceN) * 10) > Math.round(comfortCapN(contact, strength) * 10);
