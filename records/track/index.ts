export * from './follow';
export * from './tracked';
export { lookKind, numberOf } from './lookKind';
