export * from './bindingLimit';
export * from './makePlan';
export * from './offers';
export * from './phases';
export * from './planFacts';
export * from './programme';
export * from './sessions';
export * from './solveWith';
