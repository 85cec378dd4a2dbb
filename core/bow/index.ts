export * from './bowPoints';
export * from './bowSection';
export * from './presets';
export * from './scale';
export * from './stickAxis';
export * from './bowSkew';
