const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
const { resolveRequest } = config.resolver;

/** Zod carries its messages in forty languages; the app needs one, which saves half a megabyte. */
config.resolver.resolveRequest = (context, name, platform) => {
  const fromZod = /[\\/]node_modules[\\/]zod[\\/]/.test(context.originModulePath);
  if (fromZod && /locales\/index\.c?js$/.test(name)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'zodLocales.js') };
  }
  // The gestures run in plain JavaScript; the animation engine they could use is 700 KB that nothing here needs.
  const fromGestures = /[\\/]react-native-gesture-handler[\\/]/.test(context.originModulePath);
  if (fromGestures && name === 'react-native-reanimated') return { type: 'empty' };
  return (resolveRequest ?? context.resolveRequest)(context, name, platform);
};

module.exports = config;
