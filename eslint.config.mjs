import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { UNSAID } from './scripts/lib/vocabulary.mjs';

export default tseslint.config(
  { ignores: ['**/node_modules/**', '**/dist/**', '**/.build/**', '**/.expo/**', '.data/**', 'e2e/test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: 'error',
      'prefer-const': 'error',
    },
  },
  {
    files: [
      'app/src/**/*.{ts,tsx}',
      'core/src/**/*.ts',
      'contract/src/**/*.ts',
      'server/src/**/*.ts',
      'cli/src/**/*.ts',
    ],
    // What people write is read in whatever words they use.
    ignores: ['core/src/read/**', 'server/src/accounts/common-passphrases/**'],
    rules: { 'no-restricted-syntax': ['error', ...UNSAID] },
  },
  { files: ['app/src/**/*.{ts,tsx}'], ...hooks.configs.flat.recommended },
  {
    files: ['**/*.mjs', '**/*.cjs', '**/*.js'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        require: 'readonly',
        module: 'writable',
        fetch: 'readonly',
        URL: 'readonly',
        AbortController: 'readonly',
        AbortSignal: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        performance: 'readonly',
        localStorage: 'readonly',
        matchMedia: 'readonly',
        document: 'readonly',
        __dirname: 'readonly',
        __filename: 'readonly',
      },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  { files: ['**/test/**', '**/*.test.ts', '**/*.test.tsx'], rules: { '@typescript-eslint/no-explicit-any': 'off' } },
);
