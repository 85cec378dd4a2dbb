export * from './demoStudio';
