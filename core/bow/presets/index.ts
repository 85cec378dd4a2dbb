export * from './bowWarning';
export * from './bowPreset';
export * from './ownBow';
