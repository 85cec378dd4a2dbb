export * from './gripDrawing';
export * from './portrait';
export * from './views';
export type { BowDrawing, BowStroke } from './bowDrawing';
export type { BowStuff } from './bowFaces';
export type { ContactMark } from './marks';
