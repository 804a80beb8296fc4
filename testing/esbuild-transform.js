const { transformSync } = require('esbuild');

module.exports = {
  process: (source, path) =>
    transformSync(source, {
      loader: path.endsWith('.mjs') ? 'js' : 'ts',
      format: 'cjs',
      target: 'node20',
      sourcemap: 'inline',
      sourcefile: path,
    }),
};
