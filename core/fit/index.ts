export * from './fitHold';
export type { FittedValue } from './fitDoubt';
export type { FittedJoint } from './fittedMeasures';
export type { MisplacedPoint } from './agreement';
export type { SecondView } from './secondView';
export * from './fitLook';
export { atOnce, type InSteps } from './searchMinima';
