export * from './cocoSchema';
export * from './readCoco';
export * from './writeCoco';
