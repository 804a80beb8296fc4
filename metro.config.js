const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

// A module runs when something of it is first used, not when it is first named: a screen then runs
// the part of the contract that it asks, not all of it.
config.transformer.getTransformOptions = async () => ({ transform: { inlineRequires: true } });

// zod brings forty languages along; the interface speaks one.
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  const next = resolve ?? context.resolveRequest;
  if (/locales\/index\.(js|cjs)$/.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath))
    return next(context, name.replace(/index\.(js|cjs)$/, 'en.$1'), platform);
  return next(context, name, platform);
};

// While developing, the API of the server beside us answers under the same address.
const api = process.env.PENPAL_DEV_API;
if (api) {
  const { request } = require('node:http');
  config.server.enhanceMiddleware = (middleware) => (req, res, next) => {
    if (!req.url.startsWith('/api')) return middleware(req, res, next);
    const passed = request(
      api + req.url,
      { method: req.method, headers: req.headers },
      (answer) => {
        res.writeHead(answer.statusCode ?? 502, answer.headers);
        answer.pipe(res);
      },
    );
    passed.on('error', () => res.writeHead(502).end());
    req.pipe(passed);
  };
}

module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
