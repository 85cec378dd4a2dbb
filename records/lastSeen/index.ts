export * from './lastSeen';
