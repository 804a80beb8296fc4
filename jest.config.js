const { buildSync } = require('esbuild');

// temporal-polyfill ships as an ES module only, which Jest can't require: it is bundled for it once.
const temporal = `${__dirname}/node_modules/.cache/penpal/temporal.cjs`;
buildSync({ entryPoints: ['temporal-polyfill'], bundle: true, format: 'cjs', outfile: temporal });

const alias = { '^@/(.*)$': '<rootDir>/$1', '^temporal-polyfill$': temporal };
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
