export * from './seededNormal';
