/** In the built app only those components of the library are packed that are used. */
module.exports = (api) => {
  api.cache.using(() => process.env.NODE_ENV);
  return {
    presets: ['babel-preset-expo'],
    env: { production: { plugins: ['react-native-paper/babel'] } },
  };
};
