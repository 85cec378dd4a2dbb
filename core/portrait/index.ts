export * from './bareHand';
export * from './fittedHand';
export * from './gripDrawing';
export * from './portrait';
export * from './views';
export type { BowDrawing, BowStroke, Held } from './bowDrawing';
export type { Station } from './sight';
export type { BowStuff } from './bowFaces';
export type { ContactMark } from './marks';
