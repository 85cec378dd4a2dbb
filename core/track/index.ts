export * from './drift';
export * from './ewma';
export * from './lookSchedule';
export * from './realChange';
export * from './stamina';
export * from './theilSen';
