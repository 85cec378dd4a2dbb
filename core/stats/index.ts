export * from './scatter';
export * from './seededNormal';
