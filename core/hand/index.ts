export * from './handPoints';
export * from './flexion';
export * from './jointRanges';
export * from './phalanges';
export * from './relaxedHand';
export * from './thumbFalls';
