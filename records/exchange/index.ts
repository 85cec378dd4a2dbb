export * from './checkRows';
export * from './dates';
export * from './decodeText';
export * from './groupCells';
export * from './studentLines';
export * from './studentRows';
export * from './table';
