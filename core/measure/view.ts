/** From where the camera looks; asked, never guessed. docs/measures.md says where each camera stands. */
export const VIEWS = [
  'finger-side',
  'thumb-side',
  'player-eye',
  'down-stick',
  'profile',
  'front',
  'bow-side',
] as const;

export type View = (typeof VIEWS)[number];

/** The hand that holds the bow; `right` is usual. */
export const SIDES = ['right', 'left'] as const;

export type Side = (typeof SIDES)[number];

/** A quarter or sense of turn on screen (y down): +1 clockwise, −1 anticlockwise. */
export type TurnSign = 1 | -1;

/**
 * Right hand: which way bending toward the palm turns on screen, by joint group and view.
 * A missing entry is a view that looks across the hinge and cannot tell. Tested on the rendered pictures' truth.
 */
const FLEXION_TURN_RIGHT = {
  thumb: { 'thumb-side': -1 },
  finger: { profile: 1 },
  wristFlexion: { profile: 1 },
  wristDeviation: { 'player-eye': -1 },
} as const satisfies Record<string, Partial<Record<View, TurnSign>>>;

export type JointGroup = keyof typeof FLEXION_TURN_RIGHT;

/** Right hand: whether the hair lies clockwise (on screen) of the direction from hand to tip. */
const HAIR_TURN_RIGHT: Partial<Record<View, TurnSign>> = {
  'finger-side': 1,
  front: 1,
  'bow-side': 1,
  'thumb-side': -1,
  'player-eye': -1,
};

/**
 * The sense in which flexion turns on screen in this view for this hand; a left hand mirrors.
 *
 * @returns null where the view cannot tell bending from straightening
 */
export function flexionTurn(group: JointGroup, view: View, side: Side): TurnSign | null {
  const table: Partial<Record<View, TurnSign>> = FLEXION_TURN_RIGHT[group];
  return mirrorForSide(table[view], side);
}

/**
 * The side of the stick on which the hair lies in this view: +1 clockwise from the direction hand → tip.
 *
 * @returns null in views along the stick, where it has no side
 * @example hairTurn('finger-side', 'right') // 1
 */
export function hairTurn(view: View, side: Side): TurnSign | null {
  return mirrorForSide(HAIR_TURN_RIGHT[view], side);
}

function mirrorForSide(sign: TurnSign | undefined, side: Side): TurnSign | null {
  if (sign === undefined) return null;
  if (side === 'right') return sign;
  return sign === 1 ? -1 : 1;
}
