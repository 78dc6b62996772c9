import js from '@eslint/js'
import svelte from 'eslint-plugin-svelte'
import globals from 'globals'
import ts from 'typescript-eslint'
import svelteConfig from './svelte.config.js'

export default ts.config(
  {
    ignores: [
      'vendor/',
      'var/',
      'public/',
      'node_modules/',
      'web/api/schema.d.ts',
      'playwright-report/',
      'test-results/',
    ],
  },
  js.configs.recommended,
  ...ts.configs.strict,
  ...svelte.configs.recommended,
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig } },
  },
  {
    files: ['web/screens/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '^\\.\\./(?!\\.\\./)', message: 'No screen imports another: what two need lies outside them.' },
          ],
        },
      ],
    },
  },
  {
    files: ['web/{ui,lure,parts,preview,words,api,stores}/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '/screens/', message: 'Screens lie on top: nothing below imports one.' }] },
      ],
    },
  },
)
