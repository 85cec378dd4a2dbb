export * from './checkRows';
export * from './dates';
export * from './decodeText';
export * from './preview';
export * from './rowIssue';
export * from './studentRows';
export * from './studioFile';
export * from './table';
