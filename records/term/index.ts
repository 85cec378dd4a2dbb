export * from './heldAt';
export * from './termChart';
export * from './termFacts';
