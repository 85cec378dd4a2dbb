export * from './drift';
export * from './ewma';
export * from './familyScores';
export * from './lookSchedule';
export * from './realChange';
export * from './stamina';
export * from './theilSen';
export * from './trackChecks';
