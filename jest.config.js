const { buildSync } = require('esbuild');

// These ship as ES modules only, which Jest can't require: each is bundled for it once.
const bundled = (name) => {
  const outfile = `${__dirname}/node_modules/.cache/penpal/${name.replace('/', '-')}.cjs`;
  // React stays one and the same for all.
  const external = ['react', 'react-dom'];
  buildSync({ entryPoints: [name], bundle: true, format: 'cjs', external, outfile });
  return [`^${name}$`, outfile];
};
const MODULES_ONLY = [
  'temporal-polyfill',
  'double-metaphone',
  'ical.js',
  'd3-array',
  '@tanstack/react-table',
];

const alias = {
  '^@/(.*)$': '<rootDir>/$1',
  '^chrono-node/en$': `${__dirname}/node_modules/chrono-node/dist/cjs/locales/en/index.js`,
  ...Object.fromEntries(MODULES_ONLY.map(bundled)),
};
const transform = { '\\.(ts|js|mjs)$': '<rootDir>/testing/esbuild-transform.js' };

/** Core and contract need nothing; the server needs a database; screens need the component preset. */
module.exports = {
  testSequencer: '<rootDir>/testing/longest-first.js',
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
      // As it ships: components as the browser shows them.
      preset: 'jest-expo/web',
      testMatch: ['<rootDir>/client/**/*.test.{ts,tsx}'],
      moduleNameMapper: {
        ...alias,
        '^expo-router$': '<rootDir>/testing/router.tsx',
        '^lucide-react-native/icons/.*$': '<rootDir>/testing/icon.tsx',
      },
      setupFilesAfterEnv: ['<rootDir>/testing/screens-setup.ts'],
    },
  ],
};
