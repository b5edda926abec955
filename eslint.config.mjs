import next from 'eslint-config-next/core-web-vitals';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

const clockAndChance = [
  {
    selector: "NewExpression[callee.name='Date'][arguments.length=0]",
    message: 'Core has no clock: pass the time in.',
  },
  {
    selector: "MemberExpression[object.name='Date'][property.name='now']",
    message: 'Core has no clock: pass the time in.',
  },
  {
    selector: "MemberExpression[object.name='Math'][property.name='random']",
    message: 'Core has no chance: pass it in.',
  },
];

export default tseslint.config(
  {
    ignores: [
      '.next/**',
      '.data/**',
      '.build/**',
      'node_modules/**',
      'next-env.d.ts',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  ...next,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': ['error', ...clockAndChance],
      'no-restricted-globals': [
        'error',
        'fetch',
        'process',
        'window',
        'document',
        'localStorage',
        'indexedDB',
        'setTimeout',
      ],
    },
  },
  prettier,
);
