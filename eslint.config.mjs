import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

const THEORY_IN_WEB = 'The web room never computes theory: put it in core and call it from here.';

export default tseslint.config(
  { ignores: ['**/dist/', '**/node_modules/', 'test-results/', 'playwright-report/'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      '@typescript-eslint/no-unused-expressions': ['error', { allowShortCircuit: true, allowTernary: true }],
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
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
    plugins: { 'react-hooks': reactHooks },
    rules: {
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
      ],
    },
  },
);
