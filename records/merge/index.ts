export * from './fieldPaths';
export * from './mergeFields';
