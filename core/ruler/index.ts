export * from './rulerErrors';
export * from './rulerPage';
export * from './touchDoubt';
