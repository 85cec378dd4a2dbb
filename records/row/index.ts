export * from './lookOfWalk';
export * from './walkIds';
export * from './walksCsv';
