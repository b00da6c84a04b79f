// @ts-check
import js from '@eslint/js';
import prettier from 'eslint-config-prettier/flat';
import vue from 'eslint-plugin-vue';
import { defineConfig, globalIgnores } from 'eslint/config';
import globals from 'globals';
import tseslint from 'typescript-eslint';
import closedFormula from './tools/lint/closed-formula.js';

export default defineConfig(
  globalIgnores(['dist', '.cache', 'coverage', 'core/files/generated', 'web/components.d.ts']),
  js.configs.recommended,
  tseslint.configs.recommended,
  vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: tseslint.parser } } },
  { files: ['web/**'], languageOptions: { globals: globals.browser } },
  {
    files: ['server/**', 'tools/**', 'tests/**', '*.config.*', '*.cjs'],
    languageOptions: { globals: globals.node },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': [
        'error',
        { fixStyle: 'inline-type-imports', disallowTypeAnnotations: false },
      ],
      // an interface made from a definition keeps its own name in messages
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
      'no-console': ['error', { allow: ['error'] }],
      'max-lines': ['error', { max: 600 }],
      eqeqeq: 'error',
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.testing.ts'],
    plugins: { house: { rules: { 'closed-formula': closedFormula } } },
    rules: { 'house/closed-formula': 'error' },
  },
  {
    // a promise nobody waits for fails in silence
    files: ['core/**/*.ts', 'web/**/*.ts', 'server/**/*.ts', 'tools/**/*.ts'],
    ignores: ['**/*.test.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: { '@typescript-eslint/no-floating-promises': 'error' },
  },
  {
    files: ['**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.testing.ts'],
    rules: { complexity: ['error', 20], 'max-params': ['error', 5] },
  },
  { files: ['tools/**', 'server/**'], rules: { 'no-console': 'off' } },
  { files: ['**/*.test.ts'], rules: { '@typescript-eslint/no-explicit-any': 'off' } },
  prettier,
);
