import type { KnownBow } from '../presets';
import { CONTACTS, type BalanceSetup, type ContactName } from './setup';

/** Where a hand touches a bow: mm from the frog's front edge, positive toward the tip. What is off the bow is absent. */
export interface HandOnBow {
  hold: BalanceSetup['hold'];
  placesMm: Partial<Record<ContactName, number>> & { thumb: number };
}

/** What the bow does, apart from who holds it. */
export interface Situation {
  /** How hard the string presses back, and where, mm from the frog's front edge; null in the air. */
  string: { forceN: number; atMm: number } | null;
  tiltDeg: number;
  planeDeg: number;
}

/** A hand on a bow as a lever about its thumb. */
export function balanceSetup(
  bow: Pick<KnownBow, 'frogFrontMm' | 'lengthMm'> & { massG: number; balanceMm: number },
  { hold, placesMm }: HandOnBow,
  { string, tiltDeg, planeDeg }: Situation,
): BalanceSetup {
  const contacts: BalanceSetup['contacts'] = {};
  for (const contact of CONTACTS) {
    const at = placesMm[contact];
    if (contact !== 'thumb' && at !== undefined) contacts[contact] = at - placesMm.thumb;
  }
  return {
    bow: {
      massG: bow.massG,
      balanceMm: bow.balanceMm,
      thumbMm: bow.frogFrontMm + placesMm.thumb,
      lengthMm: bow.lengthMm,
    },
    hold,
    contacts,
    string: string && { forceN: string.forceN, atMm: string.atMm - placesMm.thumb },
    tiltDeg,
    planeDeg,
  };
}

/** The hand as it is, that much further up the stick, mm. The web stays with the button. */
export function movedUp({ hold, placesMm }: HandOnBow, byMm: number): HandOnBow {
  const moved = { ...placesMm };
  for (const contact of CONTACTS) {
    if (contact !== 'web' && moved[contact] !== undefined) moved[contact] += byMm;
  }
  return { hold, placesMm: moved };
}
