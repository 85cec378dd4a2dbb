export * from './lessonOutcomes';
export * from './openEntries';
export * from './studentWide';
