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
      'web/words/schema.d.ts',
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
    files: ['web/**'],
    ignores: ['web/words/quantity.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'Literal[raw=/^(2\\.54|25\\.4|0?\\.3048|453\\.59\\d*|0?\\.4536\\d*|28\\.35\\d*)$/]',
          message: 'What one unit is of another stands in web/words/quantity.ts.',
        },
      ],
    },
  },
  {
    files: ['tests/e2e/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'CallExpression[callee.property.name="waitForTimeout"]',
          message: 'A time is too short on one machine and too long on another: wait for what is to be seen.',
        },
        {
          selector: 'CallExpression[callee.name="setTimeout"][arguments.length>1]',
          message: 'A time is too short on one machine and too long on another: wait for what is to be seen.',
        },
        {
          selector: 'Literal[value="networkidle"]',
          message: 'A quiet line says nothing of the page: `watched` waits until it has shown its answers.',
        },
        {
          selector: 'CallExpression[callee.property.name="waitForResponse"]',
          message:
            'The answer may have come before it is waited for: ask the server, or look at the page, until it is so.',
        },
      ],
    },
  },
)
