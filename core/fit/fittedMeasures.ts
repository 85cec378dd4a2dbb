import { FINGERS, FINGER_CHAIN, HAND_POINTS, type HandPointName, type JointKind } from '../hand';
import priors from './data/handPriors.json' with { type: 'json' };
import { CATALOGUE } from '../measure/catalogue';
import type { MeasureId, Unit } from '../measure/measureIds';
import { FittedGeometry, fittedBend, type FittedHand, type FittedJoint } from './fittedGeometry';

/** Something that is told of a fitted hand: a joint's bend, or one of the hold's measures. */
export interface FitQuantity<Id extends string> {
  id: Id;
  unit: Unit;
  /** The points without which it is not told. */
  points: readonly HandPointName[];
  /** What hands that are not like the model add to its doubt, SD in its unit. */
  modelSd: number;
  /** NaN for what is not there: the depth of a finger that is off the stick. */
  value: (fitted: FittedHand) => number;
}

/** By the kind of joint. [measured] */
const MODEL_SD: Readonly<Partial<Record<JointKind, number>>> = priors.modelSdDeg;

const kindOf = (id: FittedJoint): JointKind =>
  (id.startsWith('thumb') ? id : `finger${id.slice(-3)}`) as JointKind;

const joint = (id: FittedJoint, ...points: HandPointName[]): FitQuantity<FittedJoint> => ({
  id,
  unit: 'deg',
  points,
  modelSd: MODEL_SD[kindOf(id)] ?? 0,
  value: (fitted) => fittedBend(fitted, id),
});

/** Every bend of the fitted hand. A finger's bend at its knuckle is told against the palm. */
export const FITTED_JOINTS: readonly FitQuantity<FittedJoint>[] = [
  joint('thumbMcp', 'thumbCmc', 'thumbMcp', 'thumbIp'),
  joint('thumbIp', 'thumbMcp', 'thumbIp', 'thumbTip'),
  ...FINGERS.flatMap((finger) => {
    const [mcp, pip, dip, tip] = FINGER_CHAIN[finger] as unknown as [
      FittedJoint,
      FittedJoint,
      FittedJoint,
      HandPointName,
    ];
    return [joint(mcp, 'wrist', mcp, pip), joint(pip, mcp, pip, dip), joint(dip, pip, dip, tip)];
  }),
];

const isOfHand = (name: string): name is HandPointName =>
  HAND_POINTS.some((point) => point === name);

/** The hold's measures that a fitted hand tells: those whose spec reads any geometry. */
export const FITTED_MEASURES: readonly FitQuantity<MeasureId>[] = CATALOGUE.flatMap((spec) => {
  if (spec.kind !== 'number' || !spec.fromFit) return [];
  const { id, unit, points, value, joint: kind } = spec;
  return [
    {
      id,
      unit,
      points: points.filter(isOfHand),
      modelSd: (kind && MODEL_SD[kind]) ?? 0,
      value: (fitted: FittedHand) => value(new FittedGeometry(fitted)),
    },
  ];
});
