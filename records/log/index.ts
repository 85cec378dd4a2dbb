export * from './lessonOutcomes';
export * from './openEntries';
export * from './rememberedCues';
export * from './studentWide';
