import { FINGER_CHAIN, FINGERS, type Finger } from '../hand';
import type { Hold } from '../holds';
import { specOf } from './catalogue';
import type { MeasureId } from './measureIds';
import { categoriesOf } from './measureSpec';

/** How a checkpoint is answered by eye, in one tap. */
export type TapQuestion =
  /** Drawn choices, each standing for a value; `sd` is how well an eye tells them, in the measure's unit. */
  | { kind: 'values'; values: readonly number[]; sd: number }
  | { kind: 'categories'; categories: readonly string[] }
  /** The stick's place on a drawn finger, joint units from the tip. */
  | { kind: 'onFinger'; finger: Finger; sd: number }
  /** A place along the drawn stick, mm. */
  | { kind: 'onStick'; sd: number };

const values = (sd: number, ...all: number[]): TapQuestion => ({ kind: 'values', values: all, sd });

/** SD with which the stick's place on a finger is seen, joint units. [memory] */
const DEPTH_BY_EYE_SD_U = 0.15;

const onFinger = (finger: Finger): TapQuestion => ({
  kind: 'onFinger',
  finger,
  sd: DEPTH_BY_EYE_SD_U,
});

/**
 * The choices for every number, with the doubt of an eye's answer. [memory]
 * A test holds that every band of every hold can be answered "in", and every end of it "out".
 */
const NUMBERS: Partial<Record<MeasureId, TapQuestion>> = {
  thumbIpFlexion: values(8, -20, 0, 20, 40, 60, 80),
  thumbMcpFlexion: values(8, -20, 0, 20, 40, 60),
  thumbPlace: { kind: 'onStick', sd: 3 },
  thumbThrough: values(2, -4, 2, 8),
  thumbApproach: values(8, 15, 30, 50, 70, 85),
  thumbOpposition: values(0.2, -1.8, -0.9, -0.4, 0, 1),
  indexDepth: onFinger('index'),
  indexLead: values(5, 0, 10, 20, 30, 45),
  middleDepth: onFinger('middle'),
  ringDepth: onFinger('ring'),
  gap12: values(4, 5, 12, 20, 30),
  gap23: values(4, 5, 12, 20, 30),
  gap34: values(4, 5, 12, 20, 30),
  gapEvenness: values(0.1, 0.05, 0.25, 0.5),
  spread: values(8, 30, 45, 60, 75),
  gapRatio12: values(0.2, 0.3, 1, 2),
  gapRatio23: values(0.2, 0.3, 1, 2),
  gapRatio34: values(0.2, 0.3, 1, 2),
  indexPipFlexion: values(10, -10, 0, 20, 45, 70, 95),
  middlePipFlexion: values(10, -10, 0, 20, 45, 70, 95),
  ringPipFlexion: values(10, -10, 0, 20, 45, 70, 95),
  littleDepth: onFinger('little'),
  littlePipFlexion: values(8, -15, 0, 15, 40, 60, 85),
  littleDipFlexion: values(8, -20, 0, 20, 45),
  handLean: values(6, -15, 0, 18, 45),
  knuckleHeight: values(10, 0, 25, 50, 75),
  wristFlexion: values(8, -45, -20, 0, 12, 25, 60),
  wristDeviation: values(6, -20, 0, 20),
  wristRange: values(5, 0, 20, 50),
  elbowBend: values(5, 0, 30, 60, 90, 120),
  bowSkew: values(4, -20, -8, 0, 8, 20),
  hairClearance: values(1.5, 2, 6, 12),
};

/** How a hold's checkpoint is answered by tap. */
export function tapQuestion(id: MeasureId, hold: Hold): TapQuestion {
  const number = NUMBERS[id];
  if (number) return number;
  const categories = categoriesOf(specOf(id));
  return {
    kind: 'categories',
    categories:
      id === 'littlePlace' ? categories.filter((name) => suitsHand(name, hold)) : categories,
  };
}

/** Where a little finger can be: one that carries from below is never on top, and the other way round. */
const suitsHand = (littlePlace: string, { hand }: Hold): boolean =>
  hand === 'over' ? littlePlace !== 'under' : !['top', 'over'].includes(littlePlace);

/**
 * The finger whose depth a measure tells, if it tells one.
 *
 * @example fingerOfDepth('ringDepth') // 'ring'
 */
export const fingerOfDepth = (id: MeasureId): Finger | null =>
  FINGERS.find((finger) => id === `${finger}Depth`) ?? null;

/** The deepest place on a finger that can be answered: the knuckle. */
export const DEEPEST_U = FINGER_CHAIN.index.length - 1;
