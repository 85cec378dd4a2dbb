/** How a hand differs from the rig's own, about a grown man's: everything is a share of it. */
export interface HandBuild {
  /** Of the whole hand. */
  size: number;
  /** Of the fingers' and the thumb's bones, beside the size. */
  fingers: number;
  thumb: number;
  /** Of the palm from side to side, beside the size. */
  breadth: number;
}

/** The rig's own hand. */
export const RIG_BUILD: HandBuild = { size: 1, fingers: 1, thumb: 1, breadth: 1 };

/** Hands that are drawn where nothing is known of a student's own. [memory] */
export const BUILDS = {
  grown: RIG_BUILD,
  slender: { size: 0.93, fingers: 1.05, thumb: 1.02, breadth: 0.93 },
  broad: { size: 1.03, fingers: 0.95, thumb: 0.97, breadth: 1.08 },
  child: { size: 0.76, fingers: 0.94, thumb: 0.95, breadth: 0.98 },
} as const satisfies Record<string, HandBuild>;

/** The rig's middle finger from its knuckle to the mark on its tip, mm. */
const RIG_MIDDLE_FINGER_MM = 97.2;

/** The length of a build's middle finger, mm. */
export const middleFingerOf = ({ size, fingers }: HandBuild): number =>
  RIG_MIDDLE_FINGER_MM * size * fingers;

/** A hand with a shorter middle finger than this is drawn with a child's proportions, mm. [memory] */
const CHILD_BELOW_MM = 78;

/**
 * The build of a hand of which only the middle finger is known.
 *
 * @example middleFingerOf(buildOfHand(92)) // 92
 */
export function buildOfHand(middleFingerMm: number): HandBuild {
  const build = middleFingerMm < CHILD_BELOW_MM ? BUILDS.child : BUILDS.grown;
  return { ...build, size: middleFingerMm / (RIG_MIDDLE_FINGER_MM * build.fingers) };
}
