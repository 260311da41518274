// The house rules that a machine can check: direction of imports first, then the usual care.
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

const platform = [
  'vue',
  'vue-router',
  'pinia',
  'dexie',
  'element-plus',
  'element-plus/*',
  'chart.js',
  'comlink',
  'fastify',
  '@fastify/*',
  'node:*',
  'fs',
  'path',
]

export default ts.config(
  { ignores: ['dist/', 'node_modules/', 'coverage/'] },
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.{ts,vue,js,mjs}'],
    languageOptions: {
      parserOptions: { parser: ts.parser },
      globals: { ...globals.browser, ...globals.node },
    },
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/attributes-order': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-v-html': 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/test-helpers/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: platform, message: 'core/ knows no interface and no platform.' },
            { group: ['**/app/*', '**/server/*'], message: 'core/ knows nobody outside.' },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'localStorage',
        'fetch',
        'process',
        'setTimeout',
        'crypto',
        'Intl',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The core reads no clock.',
        },
        {
          selector: 'CallExpression[callee.property.name=/^toLocale/]',
          message: 'The core has no locale.',
        },
      ],
    },
  },
  {
    files: ['core/standards/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '\\.\\./(?!units$|standards)',
              message: 'standards/ knows nobody but the units.',
            },
          ],
        },
      ],
    },
  },
  {
    files: [
      'app/views/**',
      'app/ui/**',
      'app/drawing/**',
      'app/stores/**',
      'app/use/**',
      'app/*.vue',
    ],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: 'core/(?!(?:format|typed)$)',
              allowTypeImports: true,
              message:
                'Views compute nothing: of core they take types, formatting and the reading of what is typed.',
            },
          ],
        },
      ],
    },
  },
)
