import { defineConfig, globalIgnores } from 'eslint/config';
import nextVitals from 'eslint-config-next/core-web-vitals';
import boundaries from 'eslint-plugin-boundaries';
import tseslint from 'typescript-eslint';

/** Parts of the core, in the order in which they may use each other; geometry and facts are leaves, plan knows them all, words are put to
 * what they say. */
const PARTS = {
  geometry: [],
  facts: [],
  boundary: ['facts'],
  cake: ['geometry', 'facts', 'boundary'],
  botany: ['geometry', 'facts', 'boundary', 'piece'],
  wire: ['geometry', 'facts', 'boundary'],
  piece: ['geometry', 'wire'],
  days: ['geometry', 'facts', 'boundary', 'botany', 'compose', 'make', 'log'],
  log: ['geometry', 'facts', 'boundary'],
  compose: ['geometry', 'facts', 'boundary', 'cake', 'botany'],
  tape: ['geometry', 'facts', 'compose', 'wire', 'botany'],
  make: ['geometry', 'facts', 'boundary', 'botany', 'piece', 'compose', 'log', 'wire'],
  place: ['geometry', 'facts', 'boundary', 'cake', 'compose', 'wire', 'botany'],
  picture: ['geometry', 'cake', 'botany', 'compose'],
};
const partNames = Object.keys(PARTS);
const element = (type, part) => ({ element: part ? { type, captured: { part } } : { type } });
const to = (type, part) => ({ to: element(type, part) });

const NO_INTERFACE = [
  {
    group: [
      'react',
      'react-dom',
      'react/*',
      'next',
      'next/*',
      'three',
      'three/*',
      '@react-three/*',
      'dexie',
      'zustand',
      'comlink',
    ],
    message: 'The core knows no interface, storage or drawing library.',
  },
];

export default defineConfig([
  globalIgnores(['.next/**', 'node_modules/**', 'public/offline.js', 'coverage/**', 'test-results/**', 'next-env.d.ts']),
  ...nextVitals,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    files: ['src/**/*.{ts,tsx}', 'app/**/*.{ts,tsx}', 'cli/**/*.ts'],
    ignores: ['**/*.test.ts'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { project: './tsconfig.json' } },
      'boundaries/elements': [
        { type: 'core', pattern: 'src/core/*', capture: ['part'] },
        { type: 'data', pattern: 'src/data' },
        { type: 'workers', pattern: 'src/workers' },
        { type: 'server', pattern: 'src/server' },
        { type: 'ui', pattern: 'src/ui' },
        { type: 'app', pattern: 'app' },
        { type: 'cli', pattern: 'cli' },
      ],
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          message: 'Imports point one way: app → ui → data/workers → core/plan → core parts → core/geometry.',
          policies: [
            ...partNames.map((part) => ({
              from: element('core', part),
              allow: [part, ...PARTS[part]].map((p) => to('core', p)),
            })),
            { from: element('core', 'plan'), allow: [...partNames, 'plan'].map((p) => to('core', p)) },
            { from: element('core', 'words'), allow: [...partNames, 'plan', 'words'].map((p) => to('core', p)) },
            ...['formats', 'demo', 'testing'].map((part) => ({
              from: element('core', part),
              allow: [...partNames, 'plan', 'words', part].map((p) => to('core', p)),
            })),
            ...Object.entries({
              data: ['data'],
              workers: ['workers'],
              server: ['server'],
              ui: ['data', 'workers', 'ui'],
              app: ['ui', 'server', 'app'],
              cli: ['cli'],
            }).map(([type, may]) => ({ from: element(type), allow: ['core', ...may].map((t) => to(t)) })),
          ],
        },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      // what has to be there is asked for by must(), which says so where it is not
      '@typescript-eslint/no-non-null-assertion': 'error',
      'no-restricted-imports': ['error', { patterns: NO_INTERFACE }],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'fetch',
        'localStorage',
        'indexedDB',
        'setTimeout',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The core has no clock.' },
        { object: 'Math', property: 'random', message: 'Randomness is seeded and handed in.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'The core has no clock.' },
        {
          selector: "BinaryExpression[operator='in'][left.type!='Literal']",
          message: 'A name from outside may be an inherited one: ask Object.hasOwn or a Map.',
        },
      ],
    },
  },
  { files: ['scripts/**/*.mjs', 'bench/**/*'], rules: { 'no-console': 'off' } },
]);
