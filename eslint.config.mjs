import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** A rule that refuses the imports a regular expression finds. */
const refuse = (regex, message) => ({ patterns: [{ regex, message }] });

/** Arrows point one way: app → formats → core; app (loaders and actions) → server → formats, core. */
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
      'max-len': ['error', { code: 120, ignoreRegExpLiterals: true }],
      // More than three are taken by name.
      'max-params': ['error', 3],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
  // Properties and tables hand their values over in a row.
  {
    files: ['**/*.test.{ts,tsx}', '**/*.spec.ts', 'support/**'],
    rules: { 'max-params': 'off', 'max-lines': ['error', { max: 360, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts', 'support/**'],
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
        refuse('^#server/|(^|/)(server|app)/|^(node:|react|sequelize)', 'formats are pure codecs over core.'),
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        refuse('(^|/)app/|^(react$|react-dom|antd)', 'the server knows nothing of the pages.'),
      ],
    },
  },
  {
    files: ['app/**/*.{ts,tsx}'],
    ignores: ['app/ui/controls/icons.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        refuse('^@ant-design/icons', 'icons come from app/ui/controls/icons, where they are kept out of names.'),
      ],
    },
  },
  {
    files: ['app/ui/**/*.{ts,tsx}', 'app/job/**/*.{ts,tsx}', 'app/preferences/**/*.tsx'],
    ignores: ['**/*Commands.ts', '**/*.test.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^#server/|^#formats/job$',
              allowTypeImports: true,
              message: 'what runs in the browser reaches the server through loaders and actions only.',
            },
          ],
        },
      ],
    },
  },
);
