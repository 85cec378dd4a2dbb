import type { Finger } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { HandBuild, Touch as Contact } from '@open-palm/core/pose';

/** Where something touches the bow. */
export type { Touch as Contact } from '@open-palm/core/pose';

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
  /** Where the web between thumb and index lies along the stick, against the button; nowhere of an over-hand hold. */
  webXMm?: number;
}

/** How the hand stands against the forearm, degrees: flexion and radial deviation positive. */
export interface WristBend {
  flexionDeg: number;
  deviationDeg: number;
}
