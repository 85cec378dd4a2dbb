import { CONTACTS, tellingChange, type ContactName } from '@open-palm/core/balance';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';
import type { Held } from './useBalance';

const words = balanceWords;

/** What was changed about a hand, in words: the one thing, or that there are several. */
export function changeWords(today: Held, now: Held): string {
  const { placesMm: before } = today.hand;
  const { placesMm: after } = now.hand;
  const differs = CONTACTS.filter((contact) => before[contact] !== after[contact]);
  const [only] = differs;
  const moves = differs.map((contact) => (after[contact] ?? NaN) - (before[contact] ?? NaN));
  const together =
    differs.length > 1 &&
    differs.length === CONTACTS.filter((c) => c !== 'web' && before[c] !== undefined).length &&
    moves.every((move) => Math.abs(move - moves[0]!) < 1e-9);
  if (together) return words.whatIf.moved(words.mm(moves[0]!));
  if (differs.length !== 1 || only === undefined) return words.whatIf.several;
  return oneChange(only, today, now);
}

function oneChange(contact: ContactName, today: Held, now: Held): string {
  const from = today.hand.placesMm[contact];
  const to = now.hand.placesMm[contact];
  if (to === undefined) return words.whatIf.without(strings.contacts[contact]);
  if (from === undefined) return words.whatIf.several;
  const lead = (held: Held) => held.setup.contacts[contact as Exclude<ContactName, 'thumb'>]!;
  switch (contact) {
    case 'index':
      return words.whatIf.lead(words.mm(lead(today)), words.mm(lead(now)));
    case 'thumb':
      return words.whatIf.thumb(words.mm(from), words.mm(to));
    case 'little':
      return words.whatIf.little(words.mm(-lead(today)), words.mm(-lead(now)));
    default:
      return words.whatIf.several;
  }
}

/** What a change does, in one sentence computed from the numbers. */
export function whatIfSentence(today: Held, now: Held): string {
  const change = changeWords(today, now);
  const telling = tellingChange(today.answer, now.answer);
  switch (telling.kind) {
    case 'nothing':
      return words.whatIf.nothing(change);
    case 'gained':
      return words.whatIf.gained(change);
    case 'neither':
      return words.whatIf.neither(change);
    case 'lost':
      return words.whatIf.lost(change, strings.notHeld[telling.why]);
    case 'force': {
      const { contact, plane, fromN, toN } = telling.change;
      const says = plane === 'across' ? words.whatIf.saysAcross : words.whatIf.says;
      const [to, from] = [Math.abs(toN), Math.abs(fromN)];
      return says(
        change,
        strings.contacts[contact],
        words.newton(to),
        words.newton(from),
        words.ratio(from, to),
      );
    }
  }
}
