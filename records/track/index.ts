export * from './follow';
export * from './tracked';
