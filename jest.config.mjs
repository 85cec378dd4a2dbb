const node = (name) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  transform: { '\\.[cm]?[jt]s$': '<rootDir>/../scripts/esbuild-jest.cjs' },
  transformIgnorePatterns: [
    '/node_modules/(?!@open-palm/|three/|@litertjs/|d3-|internmap|ml-|is-any-array/)',
  ],
});

/** One project per package; the app brings its own preset. */
export default {
  // Jest leaves one core free, which on two cores is half of them.
  maxWorkers: '100%',
  // A machine of which others take half is slow, not wrong.
  testTimeout: 30_000,
  projects: [
    ...[
      'core',
      'contract',
      'records',
      'words',
      'op',
      'vision',
      'studio-demo',
      'server',
      'card',
      'scripts',
    ].map(node),
    '<rootDir>/app/jest.config.cjs',
  ],
};
