/** By how much each wish may be missed: its residual is 1 there. mm, degrees. [memory] */
export const TOLERANCE = {
  placeMm: { measured: 0.15, wanted: 2.5 },
  depthMm: { measured: 0.25, wanted: 3 },
  depthU: 0.15,
  touchMm: 0.35,
  roundMm: { measured: 1.2, wanted: 4 },
  airMm: 4,
  bendDeg: { measured: 0.35, wanted: 9 },
  leanDeg: { measured: 0.5, wanted: 6 },
  approachDeg: 0.6,
  throughMm: 0.3,
  insideMm: 0.4,
  /** Of the hold's own pose. */
  wristMm: 11,
  turnDeg: 9,
  thumbBaseDeg: 14,
  knuckleDeg: 20,
  sidewaysDeg: 7,
  jointDeg: 16,
  beyondDeg: 0.8,
};

/** Sideways, a finger reaches no further than this from its rest, degrees; a thumb's base turns no further. [memory] */
export const MOST_DEG = { sideways: 24, thumbBase: 48 };

/** How deep below its skin a digit's flesh gives way before it counts as inside the wood, mm. [memory] */
export const GIVES_MM = 0.8;

/** What lies further along the finger than this from the told place, joint units, is to be farther from the stick, by this much. */
export const NEXT_TO = 0.3;
export const NEARER_MM = 0.2;
/** A place this near to a joint, joint units, may come out this far beside it, mm. */
export const NEXT_TO_JOINT = 0.15;
export const BESIDE_MM = 0.45;

/** Where along the palm the wood is kept out, and how thick it is from the bones to its skin, mm. [memory] */
export const PALM_SAMPLES = [0.45, 0.6, 0.75, 0.9, 1];
export const PALM_MM = 13;

/** Where along each bone the wood is kept out. */
export const SAMPLES = [0.12, 0.3, 0.5, 0.7, 0.88];
