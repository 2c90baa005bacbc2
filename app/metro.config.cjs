const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/** Icons are drawn from paths (src/ui/Icon), so no icon font may slip in through a library's fallback. */
const noIconFont = path.join(__dirname, 'src/ui/no-icon-font.ts');
/** Zod carries the messages of forty languages; the product speaks through its own wording. */
const oneLocale = path.join(__dirname, 'src/ui/zod-locale.ts');

config.resolver.resolveRequest = (context, name, platform) => {
  if (/^(@expo|react-native)(-|\/)vector-icons(\/|$)/.test(name) || name.startsWith('@react-native-vector-icons/'))
    return { type: 'sourceFile', filePath: noIconFont };
  if (/locales\/index(\.js)?$/.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath)) return { type: 'sourceFile', filePath: oneLocale };
  return context.resolveRequest(context, name, platform);
};

module.exports = config;
