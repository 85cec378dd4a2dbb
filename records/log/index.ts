export * from './lessonWords';
export * from './openEntries';
export * from './studentWide';
