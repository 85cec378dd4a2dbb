import type { View } from '@open-palm/core/measure';
import type { Hold } from '@open-palm/core/holds';
import type { Finger } from '@open-palm/core/hand';
import type { Contact, FingerTarget, GripTarget, WristBend } from './gripTarget';
import { BUILDS } from '@open-palm/core/pose';
import type { Look } from './looks';
import { LOOKS } from './looks';

/** One rendered hold and the pictures that are kept of it. */
export interface RenderedGrip {
  name: string;
  /** The hold that it shows, well or badly. */
  holdId: string;
  target: GripTarget;
  wristBend: WristBend;
  look: Look;
  /** Views of which a picture is committed; more are made by the script. */
  views: View[];
}

const stick = (turnDeg: number): Contact => ({ on: 'stick', turnDeg });

/** Where round the stick the fingers of an over-hand hold usually lie. */
const DRAPED: Record<Finger, Contact> = {
  index: stick(78),
  middle: stick(85),
  ring: stick(82),
  little: stick(5),
};

const finger = (
  name: Finger,
  xMm: number,
  u: number,
  pipDeg: number,
  dipDeg: number,
  contact: Contact = DRAPED[name],
): FingerTarget => ({ xMm, u, pipDeg, dipDeg, contact });

const over = (
  bow: Hold['bow'],
  thumb: GripTarget['thumb'],
  fingers: GripTarget['fingers'],
  leanDeg: number,
): GripTarget => ({ bow, hand: 'over', build: BUILDS.grown, thumb, fingers, leanDeg });

const shallow = over(
  'violin',
  { xMm: 5, ipDeg: 40, mcpDeg: 18, contact: stick(215) },
  {
    index: finger('index', 26, 1.5, 45, 22),
    middle: finger('middle', 6, 1.15, 46, 24),
    ring: finger('ring', -9, 1.15, 42, 24),
    little: finger('little', -27, 0.1, 52, 24),
  },
  16,
);

const withFingers = (
  grip: GripTarget,
  fingers: Partial<Record<Finger, FingerTarget>>,
  more: Partial<GripTarget> = {},
): GripTarget => ({ ...grip, ...more, fingers: { ...grip.fingers, ...fingers } });

const deep = withFingers(
  shallow,
  {
    index: finger('index', 24, 2.3, 56, 28, stick(60)),
    middle: finger('middle', 7, 1.6, 48, 24, stick(75)),
    ring: finger('ring', -6, 1.5, 42, 24),
    little: finger('little', -24, 0.15, 30, 16),
  },
  { leanDeg: 24 },
);

const cello = over(
  'cello',
  { xMm: 1, ipDeg: 30, mcpDeg: 15, contact: stick(225) },
  {
    index: finger('index', 24, 1.35, 40, 20),
    middle: finger('middle', -2, 1.05, 42, 22),
    ring: finger('ring', -20, 1.05, 38, 20, stick(75)),
    little: finger('little', -37, 0.95, 30, 16, stick(72)),
  },
  20,
);

const frenchRing = over(
  'french-bass',
  { xMm: 0, ipDeg: 26, mcpDeg: 14, contact: stick(235) },
  {
    index: finger('index', 38, 1.2, 36, 20),
    middle: finger('middle', 17, 1.0, 38, 20),
    ring: finger('ring', -3, 0.65, 40, 22, stick(80)),
    little: finger('little', -23, 0.55, 38, 20, { on: 'frogSide', yMm: -9 }),
  },
  18,
);

const german: GripTarget = {
  bow: 'german-bass',
  hand: 'under',
  build: BUILDS.grown,
  thumb: { xMm: 0, ipDeg: 24, mcpDeg: 12, contact: stick(350) },
  fingers: {
    index: finger('index', 12, 0.5, 42, 22, stick(85)),
    middle: finger('middle', 3, 0.6, 50, 24, stick(105)),
    ring: finger('ring', -8, 0.7, 62, 30, stick(140)),
    little: finger('little', -16, 0.5, 55, 26, { on: 'under' }),
  },
  leanDeg: null,
  webXMm: -70,
};

const level: WristBend = { flexionDeg: 0, deviationDeg: 0 };
const arched: WristBend = { flexionDeg: 12, deviationDeg: 0 };

/** The nine holds as they are wanted. */
const WANTED: readonly Omit<RenderedGrip, 'look'>[] = [
  {
    name: 'settled',
    holdId: 'violin-shallow',
    target: shallow,
    wristBend: arched,
    views: ['finger-side', 'thumb-side', 'profile'],
  },
  {
    name: 'violin-deep',
    holdId: 'violin-deep',
    target: deep,
    wristBend: arched,
    views: ['finger-side'],
  },
  {
    name: 'violin-starter',
    holdId: 'violin-starter',
    target: withFingers(
      shallow,
      {},
      {
        build: BUILDS.child,
        thumb: { xMm: -5, ipDeg: 45, mcpDeg: 20, contact: { on: 'under' } },
        fingers: {
          index: finger('index', 20, 1.5, 45, 22),
          middle: finger('middle', 4, 1.15, 46, 24),
          ring: finger('ring', -8, 1.15, 42, 24),
          little: finger('little', -22, 0.15, 50, 24),
        },
      },
    ),
    wristBend: arched,
    views: ['thumb-side'],
  },
  {
    name: 'fiddle',
    holdId: 'fiddle',
    target: withFingers(
      shallow,
      {
        index: finger('index', 30, 1.5, 40, 20),
        middle: finger('middle', 8, 1.2, 44, 22),
        ring: finger('ring', -8, 1.2, 38, 20),
        little: finger('little', -30, 0.4, 16, 10, stick(20)),
      },
      { thumb: { xMm: 6, ipDeg: 32, mcpDeg: 14, contact: stick(215) }, build: BUILDS.broad },
    ),
    wristBend: level,
    views: ['finger-side'],
  },
  {
    name: 'cello',
    holdId: 'cello',
    target: cello,
    wristBend: { flexionDeg: 6, deviationDeg: 0 },
    views: ['finger-side', 'thumb-side', 'profile'],
  },
  {
    name: 'cello-small-hand',
    holdId: 'cello-small-hand',
    target: withFingers(
      cello,
      {
        index: finger('index', 18, 1.1, 38, 20),
        middle: finger('middle', -1, 0.95, 40, 22),
        ring: finger('ring', -14, 0.95, 36, 20, stick(75)),
        little: finger('little', -26, 1, 28, 16, stick(72)),
      },
      { build: BUILDS.child },
    ),
    wristBend: level,
    views: ['finger-side'],
  },
  {
    name: 'french-bass-ring',
    holdId: 'french-bass-ring',
    target: frenchRing,
    wristBend: level,
    views: ['finger-side', 'thumb-side'],
  },
  {
    name: 'french-bass-knuckles',
    holdId: 'french-bass-knuckles',
    target: withFingers(
      frenchRing,
      {
        index: finger('index', 32, 1.7, 48, 24, stick(55)),
        middle: finger('middle', 13, 2, 52, 26, stick(30)),
        ring: finger('ring', -3, 2, 50, 26, stick(30)),
        little: finger('little', -21, 1.4, 44, 22, stick(45)),
      },
      { thumb: { xMm: 6, ipDeg: 28, mcpDeg: 16, contact: stick(235) }, build: BUILDS.broad },
    ),
    wristBend: level,
    views: ['finger-side'],
  },
  {
    name: 'german-bass',
    holdId: 'german-bass',
    target: german,
    wristBend: level,
    views: ['finger-side', 'thumb-side'],
  },
];

/** Their main faults. */
const FAULTS: readonly Omit<RenderedGrip, 'look'>[] = [
  {
    name: 'straight-thumb',
    holdId: 'violin-shallow',
    target: {
      ...shallow,
      thumb: { xMm: 6, ipDeg: -4, mcpDeg: 4, contact: stick(215) },
      leanDeg: 12,
    },
    wristBend: { flexionDeg: 4, deviationDeg: 0 },
    views: ['thumb-side', 'finger-side'],
  },
  {
    name: 'lost-little-finger',
    holdId: 'violin-shallow',
    target: withFingers(
      shallow,
      { little: finger('little', -32, 0.1, 14, 8, { on: 'air', liftMm: 30 }) },
      { leanDeg: 22 },
    ),
    wristBend: { flexionDeg: 8, deviationDeg: 0 },
    views: ['finger-side', 'profile'],
  },
  {
    name: 'index-before',
    holdId: 'violin-shallow',
    target: withFingers(shallow, { index: finger('index', 27, 1.65, 46, 22) }),
    wristBend: arched,
    views: ['finger-side'],
  },
  {
    name: 'deep-index',
    holdId: 'violin-shallow',
    target: withFingers(
      shallow,
      {
        index: finger('index', 30, 2.35, 54, 28, stick(85)),
        middle: finger('middle', 6, 1.4, 46, 24),
        ring: finger('ring', -9, 1.15, 42, 24),
      },
      { leanDeg: 20 },
    ),
    wristBend: { flexionDeg: 14, deviationDeg: 0 },
    views: ['finger-side'],
  },
  {
    name: 'locked-little-finger',
    holdId: 'violin-shallow',
    target: withFingers(
      shallow,
      { little: finger('little', -30, 0.1, 4, 2) },
      { build: BUILDS.slender },
    ),
    wristBend: level,
    views: ['finger-side'],
  },
  {
    name: 'cello-straight-thumb',
    holdId: 'cello',
    target: { ...cello, thumb: { xMm: 5, ipDeg: -6, mcpDeg: 4, contact: stick(225) } },
    wristBend: level,
    views: ['thumb-side'],
  },
  {
    name: 'french-bass-short-lead',
    holdId: 'french-bass-ring',
    target: withFingers(frenchRing, {
      index: finger('index', 20, 1.2, 36, 20),
      middle: finger('middle', 3, 1.0, 38, 20),
      ring: finger('ring', -14, 0.9, 38, 20, stick(78)),
      little: finger('little', -31, 0.55, 36, 20, { on: 'frogSide', yMm: -9 }),
    }),
    wristBend: { flexionDeg: 6, deviationDeg: 0 },
    views: ['finger-side'],
  },
];

/** Everything that is rendered: each with a hand, a room and a light of its own. */
export const GRIPS: readonly RenderedGrip[] = [...WANTED, ...FAULTS].map((grip, i) => ({
  ...grip,
  look: LOOKS[i % LOOKS.length]!,
}));

/** The wanted form of a hold. */
export const wantedGrip = (holdId: string): RenderedGrip =>
  GRIPS.find((grip) => grip.holdId === holdId)!;
