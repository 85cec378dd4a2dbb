export * from './bowDoubt';
export * from './bowPreset';
export * from './ownBow';
