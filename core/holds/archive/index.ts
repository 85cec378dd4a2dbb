export * from './archivedHolds';
export * from './newBands';
