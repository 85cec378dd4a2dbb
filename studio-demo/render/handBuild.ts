/** How a rendered hand differs from the rig's own: everything is a share of it. */
export interface HandBuild {
  /** Of the whole hand. */
  size: number;
  /** Of the fingers' and the thumb's bones, beside the size. */
  fingers: number;
  thumb: number;
  /** Of the palm from side to side, beside the size. */
  breadth: number;
}

/** The rig's own hand, about a grown man's. */
export const RIG_BUILD: HandBuild = { size: 1, fingers: 1, thumb: 1, breadth: 1 };

/** Hands of the demo. [memory] */
export const BUILDS = {
  grown: RIG_BUILD,
  slender: { size: 0.93, fingers: 1.05, thumb: 1.02, breadth: 0.93 },
  broad: { size: 1.03, fingers: 0.95, thumb: 0.97, breadth: 1.08 },
  child: { size: 0.76, fingers: 0.94, thumb: 0.95, breadth: 0.98 },
} as const satisfies Record<string, HandBuild>;
