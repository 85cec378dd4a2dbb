export type JointKind =
  'thumbIp' | 'thumbMcp' | 'fingerMcp' | 'fingerPip' | 'fingerDip' | 'wrist' | 'elbow';

export interface JointRange {
  lo: number;
  hi: number;
}

/**
 * Where a measured flexion can lie at all, degrees: beyond it by 3 SD a point is probably misplaced.
 * Wider than normal motion, because faults live outside the normal range. [memory]
 */
export const PLAUSIBLE_FLEXION_DEG: Record<JointKind, JointRange> = {
  thumbIp: { lo: -40, hi: 95 },
  thumbMcp: { lo: -30, hi: 75 },
  fingerMcp: { lo: -45, hi: 100 },
  fingerPip: { lo: -20, hi: 115 },
  fingerDip: { lo: -30, hi: 95 },
  wrist: { lo: -90, hi: 90 },
  elbow: { lo: -15, hi: 160 },
};

/**
 * Normal active motion, degrees (negative = extension).
 * [published: American Academy of Orthopaedic Surgeons, Joint Motion: Method of Measuring and Recording, 1965;
 * recalled]
 */
export const NORMAL_FLEXION_DEG: Record<JointKind, JointRange> = {
  thumbIp: { lo: 0, hi: 80 },
  thumbMcp: { lo: 0, hi: 50 },
  fingerMcp: { lo: 0, hi: 90 },
  fingerPip: { lo: 0, hi: 100 },
  fingerDip: { lo: 0, hi: 90 },
  wrist: { lo: -70, hi: 80 },
  elbow: { lo: 0, hi: 150 },
};
