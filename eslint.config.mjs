import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import importX from 'eslint-plugin-import-x';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** What the accessibility rules cannot see of our own fields, and where we mean what they warn of. */
const A11Y_RULES = {
  'jsx-a11y/label-has-associated-control': [
    'error',
    { controlComponents: ['TextArea', 'TextInput', 'NumberInput', 'DateField', 'LineField'], depth: 3 },
  ],
  // Focus goes into what was opened; dialogs and menus give it back.
  'jsx-a11y/no-autofocus': 'off',
  // Rooms that scroll and the handle of a note take the keys of their bench.
  'jsx-a11y/no-noninteractive-tabindex': ['error', { roles: ['region', 'group', 'tabpanel'], tags: [] }],
};

const THEORY_IN_WEB = 'The web room never computes theory: put it in core and call it from here.';

/** The rooms of core from the ground up: a room imports from those before it only. */
const FLOORS = [
  ['pitch'],
  ['interval'],
  ['school'],
  ['key'],
  ['chord'],
  ['label'],
  ['time'],
  ['line'],
  ['context'],
  ['voicing'],
  ['keyboard'],
  ['passage'],
  ['score'],
  ['working'],
  ['exercise'],
  ['practice'],
  ['words', 'format'],
];

/** The rooms of the page in the same way. */
const WEB_FLOORS = [
  ['design'],
  ['midi', 'network', 'sound', 'offline'],
  ['columns'],
  ['notation'],
  ['background'],
  ['documents'],
  ['workers'],
  ['pictures', 'notes'],
  ['parts'],
  ['questions'],
  ['classroom'],
  ['practice'],
  ['benches'],
  ['pupil'],
  ['shell'],
];

/** Within the room of scores. */
const SCORE_FLOORS = [['model'], ['edit', 'reading'], ['chart']];

/** A room imports from those before it only. */
const zonesOf = (base, floors, message) =>
  floors
    .flatMap((floor, height) => {
      const above = floors.slice(height + 1).flat();
      const room = (name) => `${base}/${name}`;
      return floor.map((name) => ({
        target: room(name),
        from: [...above, ...floor.filter((other) => other !== name)].map(room),
        message,
      }));
    })
    .filter(({ from }) => from.length > 0);

const floorZones = [
  ...zonesOf('./core/src', FLOORS, 'A room of core imports only from the floors below it (core/README.md).'),
  ...zonesOf('./core/src/score', SCORE_FLOORS, 'A room of score imports only from the floors below it.'),
];
const webZones = [
  ...zonesOf(
    './web/src',
    WEB_FLOORS,
    'A room of the page imports only from the floors below it (web/README.md).',
  ),
  { target: './web/src/design', from: './core/src', message: 'Design knows no theory.' },
];

export default tseslint.config(
  { ignores: ['**/dist/', '**/node_modules/', 'test-results/', 'playwright-report/'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      '@typescript-eslint/no-unused-expressions': ['error', { allowShortCircuit: true, allowTernary: true }],
      'max-lines': ['error', 300],
      'max-len': ['error', { code: 120 }],
      'no-duplicate-imports': ['error', { allowSeparateTypeImports: true }],
      'import-x/no-cycle': ['error', { ignoreExternal: true }],
    },
    plugins: { 'import-x': importX },
    settings: {
      'import-x/resolver-next': [createTypeScriptImportResolver({ project: 'tsconfig.json' })],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts', '.tsx'] },
    },
  },
  {
    // No file imports from a higher floor of core.
    files: ['core/src/**'],
    rules: {
      'import-x/no-restricted-paths': ['error', { zones: floorZones, basePath: import.meta.dirname }],
    },
  },
  {
    // Nothing that is waited for is forgotten: rules that know the types.
    files: ['web/src/**', 'server/src/**', 'command/src/**'],
    languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      '@typescript-eslint/await-thenable': 'error',
    },
  },
  {
    // No file imports from a higher floor of the page.
    files: ['web/src/**'],
    rules: {
      'import-x/no-restricted-paths': ['error', { zones: webZones, basePath: import.meta.dirname }],
    },
  },
  {
    // Boundary one: core knows nothing of the other rooms, of the page, or of the machine.
    files: ['core/src/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(@diatonix/|react|zustand|dexie|koa|tone|vexflow|node:|fs$|path$)',
              message: 'Core is pure theory: it imports no other room, no interface and no I/O.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'localStorage',
        'indexedDB',
        'process',
        'console',
        'setTimeout',
        'Date',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'No randomness without a seed in core.' },
      ],
    },
  },
  {
    // Boundary two: web asks core for theory, through its front door, and computes none.
    files: ['web/src/**'],
    languageOptions: { globals: { ...globals.browser } },
    plugins: { 'react-hooks': reactHooks, 'jsx-a11y': jsxA11y },
    rules: {
      ...jsxA11y.flatConfigs.recommended.rules,
      ...A11Y_RULES,
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'warn',
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '^@diatonix/core/(?!(?:musicxml|files)$)', message: 'Import core through its index.' },
            { regex: '^(\\.\\./)+core/|^tonal|^@tonaljs/', message: THEORY_IN_WEB },
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "BinaryExpression[operator='%'][right.value=12], BinaryExpression[operator='%'][right.value=7]",
          message: THEORY_IN_WEB,
        },
        {
          // A renaming in the code does not reach what the page says.
          selector: 'JSXText[value=/[a-z](?<!Roman)[A-Z][a-z]/]',
          message: 'This is a name of the code, not a word of the page.',
        },
      ],
    },
  },
  {
    // What is pressed by pointer here is reached by the keys of the grid around it (e2e: keyboard, axe).
    files: [
      'web/src/columns/Column.tsx',
      'web/src/benches/scores/ScoreSystem.tsx',
      'web/src/benches/scores/notes/NoteBar.tsx',
      'web/src/benches/sheets/SheetsBench.tsx',
    ],
    rules: {
      'jsx-a11y/click-events-have-key-events': 'off',
      'jsx-a11y/no-static-element-interactions': 'off',
      'jsx-a11y/no-noninteractive-element-interactions': 'off',
    },
  },
);
