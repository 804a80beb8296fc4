const { buildSync } = require('esbuild');

// These ship as ES modules only, which Jest can't require: each is bundled for it once.
const bundled = (name) => {
  const outfile = `${__dirname}/node_modules/.cache/penpal/${name}.cjs`;
  buildSync({ entryPoints: [name], bundle: true, format: 'cjs', outfile });
  return [`^${name}$`, outfile];
};
const MODULES_ONLY = ['temporal-polyfill', 'double-metaphone', 'ical.js'];

const alias = { '^@/(.*)$': '<rootDir>/$1', ...Object.fromEntries(MODULES_ONLY.map(bundled)) };
const transform = { '\\.(ts|js|mjs)$': '<rootDir>/testing/esbuild-transform.js' };

/** Core and contract need nothing; the server needs a database; screens need the component preset. */
module.exports = {
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{core,contract,demo}/**/*.test.ts'],
      moduleNameMapper: alias,
      transform,
    },
    {
      displayName: 'server',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/server/**/*.test.ts'],
      moduleNameMapper: alias,
      transform,
      globalSetup: '<rootDir>/testing/server-setup.js',
      setupFilesAfterEnv: ['<rootDir>/testing/patience.js'],
    },
    {
      displayName: 'screens',
      preset: 'jest-expo/ios',
      testMatch: ['<rootDir>/client/**/*.test.tsx'],
      moduleNameMapper: { ...alias, '^expo-router$': '<rootDir>/testing/router.js' },
    },
  ],
};
