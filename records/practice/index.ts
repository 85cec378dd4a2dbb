export * from './drillHistories';
export * from './improvedOver';
export * from './planFactsOf';
export * from './practised';
export * from './takeLog';
