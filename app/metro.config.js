const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
const { resolveRequest } = config.resolver;

/** Zod carries its messages in forty languages; the app needs one, which saves half a megabyte. And it makes no programs out of text here. */
config.resolver.resolveRequest = (context, name, platform) => {
  const fromZod = /[\\/]node_modules[\\/]zod[\\/]/.test(context.originModulePath);
  if (fromZod && /locales\/index\.c?js$/.test(name)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'zodLocales.js') };
  }
  if (fromZod && /(^\.|core)\/core\.c?js$/.test(name)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'zodWithoutEval.js') };
  }
  // A package whose every function comes with any of them; our own code imports it by its name, as everywhere.
  if (name === 'd3-array') {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'd3Array.js') };
  }
  // Icons are drawn from paths: neither the font that Paper would ask for nor the list of its seven thousand names comes along.
  if (/(^|\/)(vector-icons|material-design-icons)(\/|$)/.test(name)) return { type: 'empty' };
  return (resolveRequest ?? context.resolveRequest)(context, name, platform);
};

module.exports = config;
