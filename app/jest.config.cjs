/** The app's components run under the Expo preset; its pure parts need nothing of it. */
module.exports = {
  preset: 'jest-expo/ios',
  displayName: 'app',
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
};
