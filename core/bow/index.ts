export * from './bowPoints';
export * from './bowSection';
export * from './scale';
export * from './stickAxis';
