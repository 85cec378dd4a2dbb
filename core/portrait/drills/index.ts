export * from './drillFigures';
export * from './drillScene';
