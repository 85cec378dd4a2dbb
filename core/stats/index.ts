export * from './normalCdf';
export * from './scatter';
export * from './seededNormal';
