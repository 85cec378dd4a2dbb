import type { Finger } from '../../hand';
import type { PortraitView } from '../views';

/** What moves in a drill, drawn over the hand. */
export const MOTIONS = [
  'upDown',
  'along',
  'circle',
  'seesaw',
  'press',
  'lift',
  'pull',
  'forward',
  'nod',
  'turn',
] as const;
export type Motion = (typeof MOTIONS)[number];

/** How a drill is drawn: the hold's own hand on what is held, or a hand that holds nothing. */
export type DrillFigure =
  | {
      hand: 'grip';
      view: PortraitView;
      held?: 'bow' | 'pencil';
      /** How far up the stick, mm. */
      upMm?: number;
      isTurnedOver?: true;
      /** Fingers that are off the stick. */
      off?: readonly Finger[];
      /** The bow stands on a string. */
      onString?: true;
      /** A paper tube round the stick. */
      tube?: true;
      motion?: Motion;
    }
  | { hand: 'hanging' | 'cupped' | 'wrist' | 'thumbToCrease'; motion?: Motion };

const grip = (
  view: PortraitView,
  more: Omit<Extract<DrillFigure, { hand: 'grip' }>, 'hand' | 'view'> = {},
): DrillFigure => ({ hand: 'grip', view, ...more });

/** Up the stick, near the balance point: the bow is light there. */
const LIGHT = { upMm: 70 };
const PENCIL = { held: 'pencil' } as const;
const STRING = { onString: true } as const;

/** The figure of every drill. */
export const DRILL_FIGURES: Readonly<Record<string, DrillFigure>> = {
  'first-and-last': grip('playerEye'),
  'shake-and-form': { hand: 'hanging', motion: 'nod' },
  'hanging-look': { hand: 'hanging' },
  'touch-and-leave': grip('fingerSide', { motion: 'upDown' }),
  'round-hold': { hand: 'cupped' },
  'tube-curl': grip('fingerSide', { tube: true }),
  'thumb-to-crease': { hand: 'thumbToCrease' },
  'pencil-form': grip('thumbSide', PENCIL),
  'stretch-and-curl': grip('fingerSide', { ...PENCIL, motion: 'upDown' }),
  'pencil-circle': grip('fingerSide', { ...PENCIL, motion: 'circle' }),
  'thumb-release': grip('thumbSide', { motion: 'turn' }),
  pendulum: grip('fingerSide', { ...LIGHT, motion: 'seesaw' }),
  'index-slide': grip('fingerSide', { motion: 'along' }),
  'lean-to-index': grip('playerEye', { ...LIGHT, motion: 'turn' }),
  circles: grip('fingerSide', { motion: 'circle' }),
  'tip-raise': grip('fingerSide', { motion: 'lift' }),
  'finger-lifts': grip('fingerSide', { off: ['index'], motion: 'upDown' }),
  'stick-walk': grip('fingerSide', { ...LIGHT, motion: 'forward' }),
  'quick-take': grip('playerEye', { motion: 'turn' }),
  'even-weight': grip('fingerSide', { motion: 'press' }),
  'light-pull': grip('fingerSide', { motion: 'pull' }),
  'string-lean': grip('fingerSide', { ...STRING, motion: 'press' }),
  'press-release': grip('fingerSide', { ...STRING, motion: 'upDown' }),
  'even-bows': grip('thumbSide', { motion: 'along' }),
  'short-bows': grip('fingerSide', { ...STRING, motion: 'along' }),
  'contact-lane': grip('fingerSide', STRING),
  'wrist-follows': { hand: 'wrist', motion: 'nod' },
  'sideways-wrist': grip('playerEye', { motion: 'along' }),
  levels: grip('fingerSide', { ...STRING, motion: 'seesaw' }),
  'arm-by-length': grip('profile', { motion: 'along' }),
  wall: grip('profile'),
  'fewer-fingers': grip('fingerSide', { ...STRING, off: ['index', 'little'] }),
  'mirror-watch': grip('playerEye'),
  'stop-and-look': grip('playerEye'),
  'body-shift': grip('profile', { motion: 'along' }),
  'handshake-form': grip('playerEye'),
  'hollow-look': grip('downStick'),
  'little-carries': grip('fingerSide', { motion: 'lift' }),
};
