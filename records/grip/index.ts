export * from './gripFacts';
