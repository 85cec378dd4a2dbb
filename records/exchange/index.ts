export * from './checkRows';
export * from './dates';
export * from './decodeText';
export * from './studentRows';
export * from './table';
