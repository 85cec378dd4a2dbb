/** The 21 hand points in the common order: wrist, then each finger from its base to its tip. */
export const HAND_POINTS = [
  'wrist',
  'thumbCmc',
  'thumbMcp',
  'thumbIp',
  'thumbTip',
  'indexMcp',
  'indexPip',
  'indexDip',
  'indexTip',
  'middleMcp',
  'middlePip',
  'middleDip',
  'middleTip',
  'ringMcp',
  'ringPip',
  'ringDip',
  'ringTip',
  'littleMcp',
  'littlePip',
  'littleDip',
  'littleTip',
] as const;

export type HandPointName = (typeof HAND_POINTS)[number];

/** The four fingers, from the index (1) to the little finger (4). */
export const FINGERS = ['index', 'middle', 'ring', 'little'] as const;

export type Finger = (typeof FINGERS)[number];

/** A finger's four points from knuckle to tip, the order in which a contact is looked for. */
export const FINGER_CHAIN: Record<
  Finger,
  readonly [HandPointName, HandPointName, HandPointName, HandPointName]
> = {
  index: ['indexMcp', 'indexPip', 'indexDip', 'indexTip'],
  middle: ['middleMcp', 'middlePip', 'middleDip', 'middleTip'],
  ring: ['ringMcp', 'ringPip', 'ringDip', 'ringTip'],
  little: ['littleMcp', 'littlePip', 'littleDip', 'littleTip'],
};

/** Neighbouring points that cannot coincide: the bones of the hand, in the common order. */
export const BONES: readonly (readonly [HandPointName, HandPointName])[] = [
  ['wrist', 'thumbCmc'],
  ['thumbCmc', 'thumbMcp'],
  ['thumbMcp', 'thumbIp'],
  ['thumbIp', 'thumbTip'],
  ...FINGERS.flatMap((finger) => {
    const [mcp, pip, dip, tip] = FINGER_CHAIN[finger];
    return [
      ['wrist', mcp],
      [mcp, pip],
      [pip, dip],
      [dip, tip],
    ] as const;
  }),
];
