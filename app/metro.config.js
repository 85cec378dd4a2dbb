const { existsSync, readdirSync } = require('node:fs');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
const { resolveRequest } = config.resolver;

/** What packages bring along for screens that this app does not have: tabs, bars at the top and lists by the thousand; and what makes programs of schemas. */
const NOT_SHOWN = [
  'expo-router/build/layouts/Tabs(Client)?\\.js$',
  'expo-router/build/react-navigation/bottom-tabs/',
  'expo-router/build/react-navigation/elements/Header/Header(BackButton|SearchBar|Title|Background|Button|Icon)?\\.js$',
  'expo-router/build/views/Sitemap\\.js$',
  'react-native-web/dist/exports/(FlatList|SectionList|VirtualizedList)/',
  'react-native-web/dist/vendor/react-native/Animated/components/Animated(Flat|Section)List\\.js$',
  'zod/v4/core/compile\\.js$',
].map((part) => new RegExp(part.replaceAll('/', '[\\\\/]')));

/** Zod carries its messages in forty languages; the app needs one, which saves half a megabyte. And it makes no programs out of text here. */
config.resolver.resolveRequest = (context, name, platform) => {
  const fromZod = /[\\/]node_modules[\\/]zod[\\/]/.test(context.originModulePath);
  if (fromZod && /locales\/index\.c?js$/.test(name)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'zodLocales.js') };
  }
  if (fromZod && /(^\.|core)\/core\.c?js$/.test(name)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'zodWithoutEval.js') };
  }
  // Neither are schemas of JSON made here: what would make them comes with every schema of ours otherwise.
  if (
    fromZod &&
    /(json-schema(-processors|-generator)?|from-json-schema|to-json-schema)\.c?js$/.test(name)
  ) {
    return { type: 'empty' };
  }
  // Nor pictures out of a text of SVG.
  if (/[\\/]react-native-svg[\\/]/.test(context.originModulePath) && /^\.\/(xml|css)$/.test(name)) {
    return { type: 'empty' };
  }
  // Paper's colours of an earlier design, more than two hundred, are asked for by nine names.
  if (
    /[\\/]react-native-paper[\\/]/.test(context.originModulePath) &&
    /(^\.|v2)\/colors$/.test(name)
  ) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'paperColors.js') };
  }
  // A package whose every function comes with any of them; our own code imports it by its name, as everywhere.
  if (name === 'd3-array') {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'd3Array.js') };
  }
  // Icons are drawn from paths: neither the font that Paper would ask for nor the list of its seven thousand names comes along.
  if (/(^|\/)(vector-icons|material-design-icons)(\/|$)/.test(name)) return { type: 'empty' };
  const found = (resolveRequest ?? context.resolveRequest)(context, name, platform);
  return NOT_SHOWN.some((part) => part.test(found.filePath)) ? { type: 'empty' } : found;
};

/** Every script in a folder, as the bundler names it. */
const scriptsIn = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.[cm]?[jt]sx?$/.test(entry.name))
    .map((entry) => path.join(entry.parentPath, entry.name));

/** What notes by which script it is run, and has to be run with it. */
const AT_ONCE = ['../node_modules/expo', '../node_modules/@expo/metro-runtime'];
/** What computes asks for a neighbour millions of times: there each is looked up once, before. */
const COMPUTES = [
  ...['bow', 'fit', 'hand', 'portrait', 'pose', 'stats'].map((part) => `../core/${part}`),
  '../vision',
  ...['ml-levenberg-marquardt', 'ml-matrix', 'three'].map((name) => `../node_modules/${name}`),
];
const blockList = Object.fromEntries(
  [...AT_ONCE, ...COMPUTES]
    .map((folder) => path.join(__dirname, folder))
    .filter(existsSync)
    .flatMap(scriptsIn)
    .map((file) => [file, true]),
);

// Everything else is run when it is first used, not when the app opens.
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: true, inlineRequires: { blockList } },
});

module.exports = config;
