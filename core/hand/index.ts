export * from './handPoints';
export * from './flexion';
export * from './jointRanges';
