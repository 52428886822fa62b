import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Arrows point one way: app → formats → core; app → server → formats, core. */
const refuse = (message, ...group) => ({ patterns: [{ group, message }] });

export default tseslint.config(
  { ignores: ['build/', 'data/', '.react-router/', 'node_modules/', 'test-results/'] },
  ...tseslint.configs.recommended,
  reactHooks.configs.flat['recommended-latest'],
  {
    rules: {
      'no-console': ['error', { allow: ['log', 'error'] }],
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      // Folder indexes are meant to be gone through: a deep import into another folder is not.
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.{1,2}/|#core/)',
              message: 'core depends on nothing but itself: no packages, no Node, no other folder.',
            },
            { regex: '(^|/)(app|server|formats|demo)/', message: 'core knows nothing of what is built on it.' },
          ],
        },
      ],
    },
  },
  {
    files: ['formats/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        refuse(
          'formats are pure codecs over core.',
          '#server/*',
          '**/server/**',
          '**/app/**',
          'node:*',
          'react',
          'react-router',
        ),
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        refuse('the server knows nothing of the pages.', '**/app/**', 'react', 'antd'),
      ],
    },
  },
  {
    files: ['app/ui/**/*.{ts,tsx}', 'app/job/**/*.{ts,tsx}', 'app/preferences/**/*.tsx'],
    ignores: ['**/benchActions.ts'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['#server/*', '#formats/job'],
              allowTypeImports: true,
              message: 'what runs in the browser reaches the server through loaders and actions only.',
            },
          ],
        },
      ],
    },
  },
);
