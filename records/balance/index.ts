export * from './startingBalance';
