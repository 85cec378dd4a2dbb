export * from './measuredSets';
