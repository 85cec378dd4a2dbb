export * from './bowPoints';
export * from './scale';
export * from './stickAxis';
