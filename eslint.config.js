import { readWordsAbove } from './eslint.words.js';
import js from '@eslint/js';
import globals from 'globals';
import reactHooks from 'eslint-plugin-react-hooks';
import regexp from 'eslint-plugin-regexp';
import ts from 'typescript-eslint';

/** Rows of facts, and texts as people write them: they may be wide and many. */
const tables = [
  'core/src/language/data/**',
  'core/src/people/data/**',
  'core/src/recipes/handwork/data/**',
  'core/src/recipes/intake/data/**',
  'core/src/recipes/reading/data/**',
  'core/src/larder/data/**',
  'core/src/techniques/data/**',
  'core/src/tests/texts/**',
  'core/src/**/*-{lines,table}.test.ts',
  'demo/src/recipes/**',
];

/** Prettier lays the page out; these keep what is on it short enough to see whole. */
const limits = {
  'max-len': ['error', { code: 110, ignoreRegExpLiterals: true }],
  'max-lines': ['error', { max: 300 }],
  'max-lines-per-function': ['error', { max: 50 }],
};

/**
 * Rows with a revision are written by database/scope.ts alone, which compares the revision or holds the row:
 * any other write could undo an edit that somebody was told is saved.
 */
const writesOfRows = [
  {
    selector:
      'CallExpression[callee.property.name=/^(save|increment|decrement)$/]' +
      ':not([callee.object.type="ThisExpression"])',
    message: 'Write rows through KitchenScope: it compares the revision, or holds the row.',
  },
  {
    selector:
      'CallExpression[callee.property.name=/^(update|upsert)$/]' +
      '[callee.object.name=/^(Class|Recipe|Kitchen|Technique|LarderEntry|Stock)Row$|^row$/]',
    message: 'Write rows through KitchenScope: it compares the revision, or holds the row.',
  },
  {
    selector:
      'TemplateElement[value.raw=/^\\s*UPDATE (classes|kitchens|techniques|larder_entries|stock)\\b/i]',
    message: 'Write rows through KitchenScope: it compares the revision, or holds the row.',
  },
];

/**
 * The wall clock may be set, so that a difference of it is no duration: performance.now() only goes on.
 */
const durations = [
  {
    selector:
      'BinaryExpression[operator=/^([-+<>]|<=|>=)$/] ' +
      'CallExpression[callee.object.name="Date"][callee.property.name="now"]',
    message: 'Measure durations with performance.now(): the wall clock may be set back.',
  },
  {
    selector:
      'VariableDeclarator[id.name=/^(start|begun|since|until|before)$/] > ' +
      'CallExpression[callee.object.name="Date"]',
    message: 'Measure durations with performance.now(): the wall clock may be set back.',
  },
];

export default ts.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'docs/**', '.fornax*/**', 'test-results/**'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  { files: ['scripts/**/*.mjs', '*.js', '*.cjs'], languageOptions: { globals: globals.node } },
  {
    files: ['scripts/screenshots.mjs', 'scripts/lib/measure-browser.mjs', 'scripts/lib/bench-browser.mjs'],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    languageOptions: { globals: globals.browser },
    rules: {
      ...reactHooks.configs.recommended.rules,
      'react-hooks/refs': 'off',
      'react-hooks/set-state-in-effect': 'off',
    },
  },
  {
    files: ['**/*.cjs'],
    languageOptions: { sourceType: 'commonjs' },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
      'no-shadow': ['error', { ignoreOnInitialization: true }],
      'no-restricted-syntax': ['error', ...durations],
      ...limits,
    },
  },
  {
    files: ['server/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'server/src/database/{scope,changes}.ts', 'server/src/database/migrations/**'],
    rules: { 'no-restricted-syntax': ['error', ...writesOfRows, ...durations] },
  },
  // What people paste is read by expressions: none may look at the same place over and over.
  {
    files: ['**/*.{ts,tsx,mjs}'],
    plugins: { regexp },
    rules: { 'regexp/no-super-linear-backtracking': ['error', { report: 'certain' }] },
  },
  { files: ['**/*.tsx'], rules: { 'max-lines-per-function': ['error', { max: 60 }] } },
  // A suite is one function around its tests; what is in it is read test by test.
  {
    files: ['**/*.test.ts', '**/*.test.mjs', 'e2e/**'],
    rules: { 'max-lines-per-function': ['error', { max: 300 }] },
  },
  {
    files: tables,
    rules: {
      'max-len': ['error', { code: 160, ignoreTemplateLiterals: true }],
      'max-lines': ['error', { max: 1200 }],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: [
      'core/src/{words,amounts,language,larder,techniques,recipes,formats,tests}/**',
      '**/*.test.ts',
      ...Object.keys(readWordsAbove).map((name) => `core/src/${name}`),
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...durations,
        {
          selector: 'Literal[regex.pattern=/[a-z]{3}/i]',
          message: 'Ask the acts, states and families of recipes: no words are read above that room.',
        },
      ],
    },
  },
  // Written from the CSV beside it, of which a row is a food.
  { files: ['core/src/larder/data/foods.ts'], rules: { 'max-lines': 'off' } },
);
