export * from './cardCode';
