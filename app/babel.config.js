module.exports = (api) => {
  api.cache.using(() => process.env.NODE_ENV);
  return {
    presets: ['babel-preset-expo'],
    // Of the interface's package only what is used comes along, which is a third of it.
    plugins: process.env.NODE_ENV === 'production' ? ['react-native-paper/babel'] : [],
  };
};
