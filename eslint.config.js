const expo = require('eslint-config-expo/flat');
const prettier = require('eslint-config-prettier/flat');

const house = require('./testing/house-rules');

const ROOMS = [
  'app',
  'client',
  'contract',
  'server',
  'core',
  'standins',
  'demo',
  'e2e',
  'bench',
  'testing',
];

/** A room may import the rooms named, and reaches a subject of its own or theirs only by its index. */
const room = (name, mayImport, extra = []) => ({
  files: [`${name}/**/*.{ts,tsx}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            group: ROOMS.filter((r) => r !== name && !mayImport.includes(r)).flatMap((r) => [
              `@/${r}`,
              `@/${r}/**`,
            ]),
            message: `${name} may import only ${mayImport.join(', ') || 'small libraries'} (docs/architecture.md).`,
          },
          {
            // A route names the screen it shows, so that each screen is loaded when it is opened.
            group:
              name === 'app'
                ? ['@/core/*/*']
                : name === 'server'
                  ? ['@/core/*/*', '@/client/*/*']
                  : ['@/core/*/*', '@/client/*/*', '../../*'],
            message: 'Reach into another subject only through its index.',
          },
          ...extra,
        ],
      },
    ],
  },
});

const OUTSIDE = {
  group: ['react', 'react-native', 'expo*', 'express', 'zod', 'pg', '@electric-sql/*', 'node:*'],
  message: 'core knows no interface, no SQL, no machine.',
};

module.exports = [
  ...expo,
  prettier,
  { ignores: ['dist/**', '.expo/**', 'node_modules/**', 'data/**', 'nativewind-env.d.ts'] },
  {
    rules: {
      // `const Person = z.object(…)` stands beside `type Person`.
      '@typescript-eslint/no-redeclare': 'off',
      // `fc.option` reads better than a bare `option`.
      'import/no-named-as-default-member': 'off',
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['{app,client,contract,server,core,standins,demo,bench}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    // Longer from before: whoever changes one of them splits it and takes it off this list.
    files: [
      'standins/mail-server.ts',
      'bench/server.ts',
      'bench/user.ts',
      'client/almanac/new-feed.tsx',
      'client/api/write-form.ts',
      'client/cadences/people-on.tsx',
      'client/messages/mail-form.tsx',
      'client/people/export-form.tsx',
      'client/sheets/thread.tsx',
      'client/ui/chooser.tsx',
      'core/intake/columns/describe.ts',
    ],
    rules: {
      'max-lines-per-function': ['error', { max: 75, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['{app,client,contract,server,core,standins,demo}/**/*.{ts,tsx}'],
    plugins: { house },
    rules: { 'house/no-circles': 'error', 'house/floors': 'error', 'house/by-index': 'error' },
  },
  {
    // What has to be there is checked: `need` from core/need.
    files: ['{app,client,contract,core,server}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'error' },
  },
  room('core', [], [OUTSIDE]),
  room('contract', ['core']),
  room('client', ['contract', 'core']),
  room('app', ['client']),
  room('server', ['contract', 'core']),
  room('standins', []),
  room('demo', ['contract', 'core']),
  room('e2e', ['contract', 'core', 'standins']),
  { files: ['e2e/**'], rules: { 'react-hooks/rules-of-hooks': 'off' } },
  {
    // A screen that grows is split into a hook that knows and parts that show.
    files: ['client/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'max-lines': ['error', { max: 180, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    // Figures and amounts are written in one place each.
    files: ['{app,client,contract,server,core}/**/*.{ts,tsx}'],
    ignores: [
      'core/time/{islamic,speak}.ts',
      'core/money/**',
      'core/zones/countries.ts',
      'contract/settings.ts',
      '**/*.test.{ts,tsx}',
    ],
    rules: {
      'no-restricted-globals': [
        'error',
        { name: 'Intl', message: 'See core/money and core/time.' },
      ],
      'no-restricted-properties': [
        'error',
        {
          property: 'toLocaleString',
          message: 'Use figure (core/time) or writeMoney (core/money).',
        },
      ],
    },
  },
  {
    files: ['*.config.js', 'testing/*.js'],
    languageOptions: {
      globals: { __dirname: 'readonly', module: 'writable', process: 'readonly' },
    },
  },
  // The composition root fills the demo; stand-ins run beside it; tests use the harness.
  {
    files: [
      'server/main.ts',
      'server/*/stand-in{,s}.ts',
      '**/*.test.{ts,tsx}',
      'testing/**',
      'bench/**',
    ],
    rules: { 'no-restricted-imports': 'off' },
  },
  // Their tests reach into core from outside on purpose; the clock is read in one place.
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'Pass today in.',
        },
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'Pass today in.',
        },
        {
          selector: "MemberExpression[object.name='Temporal'][property.name='Now']",
          message: 'Pass today in.',
        },
      ],
    },
  },
];
