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

/** What follows an inspection step by step hears which facts were asked for; nothing else may look past that. */
const pastTheReader = [
  {
    selector: "MemberExpression[property.name='wholeOf']",
    message: 'Ask the reader: its answers are heard, so that findings follow when a fact changes.',
  },
];

/** Rules about components, each read through whole: there are none outside what is drawn. */
const ofComponents = Object.fromEntries(
  next
    .flatMap(({ rules = {} }) => Object.keys(rules))
    .filter((name) => /^(react|react-hooks|jsx-a11y)\//.test(name))
    .map((name) => [name, 'off']),
);

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
  { files: ['src/{core,server,stand-ins}/**/*.ts', 'bench/**/*.ts'], rules: ofComponents },
  { files: ['*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
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
  {
    files: ['src/core/{installation,measure,judge,model,fieldwork,show}/**/*.ts'],
    ignores: ['**/*.test.ts', 'src/core/judge/{assess,examine}/**'],
    rules: { 'no-restricted-syntax': ['error', ...clockAndChance, ...pastTheReader] },
  },
  {
    files: ['src/{ui,client}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'no-restricted-globals': [
        'error',
        { name: 'fetch', message: 'One client asks the server: src/client/http.' },
      ],
    },
  },
  {
    files: ['src/{ui,app,server,client,workers,stand-ins}/**/*.{ts,tsx}'],
    rules: { 'no-restricted-syntax': ['error', ...pastTheReader] },
  },
  prettier,
);
