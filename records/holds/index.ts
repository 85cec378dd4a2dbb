export * from './holdCatalogue';
