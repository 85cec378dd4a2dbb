export * from './adaptHold';
export * from './bandFor';
export * from './holdSchema';
export * from './holds';
export * from './withoutBands';
