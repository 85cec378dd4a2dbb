export * from './aids';
export * from './beats';
export * from './drills';
export * from './learnEffect';
export * from './reForm';
export * from './readiness';
export * from './testSchema';
export * from './wholeHandTests';
