export * from './startingLever';
