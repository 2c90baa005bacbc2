const http = require('node:http');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/**
 * Parts of libraries that would be packed without ever being used, and what stands in for each (src/unpacked).
 * `what` is the name as it is asked for, `by` who asks. Each saves the first screen 2 to 25 kB; `./trowel bench size`.
 */
const unpacked = [
  // Icons are drawn from paths (src/ui/Icon), so no icon font may slip in through a library's fallback.
  { what: /^(@expo|react-native)(-|\/)vector-icons(\/|$)|^@react-native-vector-icons\//, by: /./, for: 'icon-font' },
  { what: /locales\/index(\.js)?$/, by: /[\\/]zod[\\/]/, for: 'zod-locale' },
  {
    what: /\/(from-json-schema|to-json-schema|json-schema-(processors|generator))(\.js)?$/,
    by: /[\\/]zod[\\/]/,
    for: 'json-schema',
  },
  {
    what: /\/(layouts\/(Tabs|Stack|experimental-stack)|views\/Sitemap|Sitemap)$/,
    by: /[\\/]expo-router[\\/]/,
    for: 'layouts',
  },
  {
    what: /\/(native-stack\/createNativeStackNavigator|stack-utils)$/,
    by: /[\\/]layouts[\\/]StackClient/,
    for: 'stack-views',
  },
  { what: /\/react-navigation\/bottom-tabs$/, by: /[\\/]expo-router[\\/]build[\\/]views[\\/]/, for: 'tab-bar' },
  { what: /\/(FlatList|SectionList|VirtualizedList)$/, by: /[\\/]react-native-web[\\/]/, for: 'long-lists' },
  {
    what: /\/(Touchable|TouchableHighlight|CheckBox|Switch|Picker|ProgressBar|KeyboardAvoidingView|RefreshControl)$/,
    by: /[\\/]react-native-web[\\/]dist[\\/](cjs[\\/])?index/,
    for: 'other-views',
  },
  { what: /\/(StaticNavigation|createStaticNavigation)$/, by: /[\\/]expo-router[\\/]/, for: 'static-navigation' },
  { what: /\/(LinkWithPreview|HrefPreview)$/, by: /[\\/]expo-router[\\/]build[\\/]link[\\/]/, for: 'link-previews' },
  {
    what: /\/(queriesObserver|hydration|streamedQuery)(\.js)?$/,
    by: /[\\/]query-core[\\/]/,
    for: 'query-parts',
  },
  { what: /^d3-time(-format)?$/, by: /[\\/]d3-scale[\\/]/, for: 'time-scales' },
  { what: /^\.\/compile(\.js)?$/, by: /[\\/]zod[\\/]v4[\\/]core[\\/]/, for: 'compiled-schemas' },
  { what: /\/react-helmet-async\/lib$/, by: /[\\/]expo-router[\\/]/, for: 'page-head' },
  { what: /(\/v2|\.)\/colors$/, by: /[\\/]react-native-paper[\\/]/, for: 'old-colours' },
  { what: /\/TextInputFlat$/, by: /[\\/]react-native-paper[\\/]/, for: 'flat-field' },
];

config.resolver.resolveRequest = (context, name, platform) => {
  const left = unpacked.find(({ what, by }) => what.test(name) && by.test(context.originModulePath));
  if (left) return { type: 'sourceFile', filePath: path.join(__dirname, 'src/unpacked', `${left.for}.ts`) };
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
