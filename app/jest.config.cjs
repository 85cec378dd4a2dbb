const preset = require('jest-expo/ios/jest-preset');

/** Packages that ship as modules only, beside those that the preset knows. */
const MODULES_ONLY = 'd3-|internmap|ical\.js|ics|nanoid|runes2|yup|uuid';

/** The app's components run under the Expo preset; its pure parts need nothing of it. */
module.exports = {
  preset: 'jest-expo/ios',
  displayName: 'app',
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  // One of those packages ships its modules as .mjs.
  transform: { '\\.mjs$': 'babel-jest', ...preset.transform },
  transformIgnorePatterns: preset.transformIgnorePatterns.map((pattern) =>
    pattern.replace('(?!(', `(?!(${MODULES_ONLY}|`),
  ),
};
