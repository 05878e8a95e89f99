import js from '@eslint/js';
import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';

/** What may not be reached for inside core: the computation runs the same in a worker, on the server, in the shell and in tests. */
const CORE_FORBIDDEN = {
  patterns: [
    {
      regex:
        '^(react|react-dom|react-router|zustand|radix-ui|lucide-react|chart\\.js|@tanstack/.*|@dnd-kit/.*|comlink)(/.*)?$',
      message: 'core has no interface code.',
    },
    { regex: '^(express|helmet|pino|pg|@electric-sql/.*)(/.*)?$', message: 'core knows nothing of the server or SQL.' },
    { regex: '^node:', message: 'core runs without Node.' },
    {
      regex:
        '^(fs|path|os|url|util|crypto|http|https|net|child_process|process|stream|events|buffer|worker_threads)(/.*)?$',
      message: 'core runs without Node.',
    },
    { regex: '^@heronstone/(?!core(/|$))', message: 'core knows nothing of the rest.' },
    { regex: '\\.\\./(\\.\\./)*(server|web|cli|library|demo)/', message: 'core knows nothing of the rest.' },
  ],
};
const CORE_GLOBALS = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'sessionStorage',
  'fetch',
  'process',
  'Buffer',
  'require',
  '__dirname',
  'global',
  'globalThis',
  'setTimeout',
  'setInterval',
  'performance',
].map((name) => ({
  name,
  message: 'core has no DOM, no Node, no clock and no network.',
}));

/** Functions of more than 20 branches, and components of more than 150 lines, that are there still; nothing is added here. */
const TOO_LONG_STILL = [
  'core/{search,entry}/**', // rebuilt with the search and with quick entry
  'core/{fit,fetch,reach,geometry}/**',
  'core/{checks/{containersFit,roomErrors,workNeeds},cost/rules,zones/homes,furniture/compartments}.ts',
  'core/{ask/fixes/slideFixes,report/{contents,evaluate,placeReports},formats/{csv,dxf}}.ts',
  'web/drawings/**',
  'web/{app/BottomLine,parts/QuickEntry}.tsx',
  'web/steps/{find,furnish,zones}/*.tsx',
  'web/steps/{activities/ActivitySheet,keep/HistoryView,measure/RoomSheet,measure/WalkWalls,move/MoveStep}.tsx',
  'web/steps/place/{CompartmentSheet,MoveDialog,PlaceStep,PlacementSheet,WeekView}.tsx',
  'web/steps/sort/{CsvDialog,PurgeRound,SupplyTable}.tsx',
];
const TESTS = ['**/*.test.ts', 'e2e/**', 'bench/**', 'testing/**', 'scripts/**'];

export default tseslint.config(
  {
    ignores: [
      '**/node_modules',
      '**/dist',
      'server/built.mjs',
      '.data',
      '.results',
      'test-results',
      'playwright-report',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: ['error', 'smart'],
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    ignores: [...TESTS, ...TOO_LONG_STILL],
    rules: { complexity: ['error', 20] },
  },
  {
    files: ['web/**/*.tsx'],
    ignores: TOO_LONG_STILL,
    rules: { 'max-lines-per-function': ['error', { max: 150 }] },
  },
  {
    // With types: no promise is left to itself, and nothing unknown is used as if it were known. The rest of core has neither.
    files: ['{server,cli,web}/**/*.{ts,tsx}', 'core/formats/*.ts'],
    ignores: TESTS,
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-unsafe-argument': 'error',
      '@typescript-eslint/no-unsafe-assignment': 'error',
      '@typescript-eslint/no-unsafe-call': 'error',
      '@typescript-eslint/no-unsafe-member-access': 'error',
      '@typescript-eslint/no-unsafe-return': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
    },
  },
  {
    files: ['**/*.js', '**/*.mjs'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', URL: 'readonly', setTimeout: 'readonly' } },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': ['error', CORE_FORBIDDEN],
      'no-restricted-globals': ['error', ...CORE_GLOBALS],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Only the seeded generator of core/geometry/seeded.ts.' },
        { object: 'Date', property: 'now', message: 'core has no clock: pass the time in.' },
      ],
    },
  },
  { files: ['core/**/*.test.ts'], rules: { 'no-restricted-imports': 'off', 'no-restricted-globals': 'off' } },
);
