export * from './bandFor';
export * from './holdSchema';
export * from './holds';
