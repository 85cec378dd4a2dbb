export * from './fitHold';
export * from './hardlyTold';
export type { FittedValue } from './fitUncertainty';
export type { FittedJoint } from './fittedGeometry';
export type { MisplacedPoint } from './fitConsistency';
export type { SecondView } from './secondView';
export * from './fitLook';
export { atOnce, type InSteps } from './searchMinima';
