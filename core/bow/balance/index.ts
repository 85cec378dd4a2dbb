export * from './balance';
export * from './handOver';
export * from './leastSqueeze';
export * from './levers';
export * from './loudest';
export * from './naturalShare';
export * from './setup';
