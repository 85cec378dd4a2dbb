export * from './preview';
export * from './rowIssue';
export * from './studioFile';
