import type { Finger } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { HandBuild } from '@open-palm/core/pose';

/** Where something touches the bow. */
export type Contact =
  /** Round the stick: degrees from its top toward the fingers' side (90), the hair (180) and the thumb's side (270). */
  | { on: 'stick'; turnDeg: number }
  /** On the fingers' side of the frog, this high. */
  | { on: 'frogSide'; yMm: number }
  /** Under the frog. */
  | { on: 'under' }
  /** Nowhere: held this high above the stick. */
  | { on: 'air'; liftMm: number };

export interface FingerTarget {
  xMm: number;
  /** Where on the finger, joint units from the tip. */
  u: number;
  pipDeg: number;
  dipDeg: number;
  contact: Contact;
}

/** What a rendered hold should come out as. Places in mm along the stick, depths in joint units, degrees. */
export interface GripTarget {
  bow: Hold['bow'];
  hand: Hold['hand'];
  build: HandBuild;
  thumb: { xMm: number; ipDeg: number; mcpDeg: number; contact: Contact };
  fingers: Record<Finger, FingerTarget>;
  /** Slope of the knuckle line, positive with the index side lower; null where the hand lies otherwise. */
  leanDeg: number | null;
}

/** How the hand stands against the forearm, degrees: flexion and radial deviation positive. */
export interface WristBend {
  flexionDeg: number;
  deviationDeg: number;
}
