const http = require('node:http');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/** Icons are drawn from paths (src/ui/Icon), so no icon font may slip in through a library's fallback. */
const noIconFont = path.join(__dirname, 'src/ui/no-icon-font.ts');
/** Zod carries the messages of forty languages; the product speaks through its own wording. */
const oneLocale = path.join(__dirname, 'src/ui/zod-locale.ts');
/** Nothing here makes schemas from JSON Schema; the part of zod that could stays out of the first screen. */
const noJsonSchema = path.join(__dirname, 'src/ui/no-json-schema.ts');
/** The shell draws its own frame around a slot, so the router's tab bar, stacks and site map need not load. */
const noLayouts = path.join(__dirname, 'src/ui/no-layouts.ts');

config.resolver.resolveRequest = (context, name, platform) => {
  if (/^(@expo|react-native)(-|\/)vector-icons(\/|$)/.test(name) || name.startsWith('@react-native-vector-icons/'))
    return { type: 'sourceFile', filePath: noIconFont };
  if (/locales\/index(\.js)?$/.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath))
    return { type: 'sourceFile', filePath: oneLocale };
  if (/\/from-json-schema(\.js)?$/.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath))
    return { type: 'sourceFile', filePath: noJsonSchema };
  if (
    /\/(layouts\/(Tabs|Stack|experimental-stack)|views\/Sitemap|Sitemap)$/.test(name) &&
    /[\\/]expo-router[\\/]/.test(context.originModulePath)
  )
    return { type: 'sourceFile', filePath: noLayouts };
  // Drawings are made of elements; parsing SVG text is not needed.
  if (name === 'react-native-svg')
    return context.resolveRequest(context, 'react-native-svg/lib/module/elements.web', platform);
  return context.resolveRequest(context, name, platform);
};

/** While developing, the app's own server passes what goes to /api on to the garden's server. */
config.server = {
  ...config.server,
  enhanceMiddleware: (middleware) => (request, response, next) => {
    if (!request.url.startsWith('/api')) return middleware(request, response, next);
    const target = {
      host: '127.0.0.1',
      port: process.env.TROWEL_PORT ?? 4310,
      path: request.url,
      method: request.method,
      headers: request.headers,
    };
    const passed = http.request(target, (answer) => {
      response.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(response);
    });
    passed.once('error', () => response.writeHead(502).end());
    request.pipe(passed);
  },
};

module.exports = config;
