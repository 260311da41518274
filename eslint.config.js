// The house rules that a machine can check in one file; who may know whom is in .dependency-cruiser.mjs.
import prettier from 'eslint-config-prettier'
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

/** A function is one screen, a line can be read, a decision has few arms. */
const readable = {
  complexity: ['error', 12],
  'max-params': ['error', 4],
  'max-lines-per-function': ['error', 60],
  'max-len': ['error', { code: 120, ignoreRegExpLiterals: false }],
  'no-nested-ternary': 'error',
  'no-duplicate-imports': 'error',
}

/** What cannot be asked where values have no type yet. */
const unseen = Object.fromEntries(
  ['argument', 'assignment', 'call', 'member-access', 'return'].map(what => [
    `@typescript-eslint/no-unsafe-${what}`,
    'off',
  ]),
)

/** How values get their types, in files and in the scripts of components. */
export const typed = {
  parser: ts.parser,
  projectService: true,
  tsconfigRootDir: import.meta.dirname,
  extraFileExtensions: ['.vue'],
}

export default ts.config(
  { ignores: ['dist/', 'node_modules/', 'coverage/', 'scripts/*.tmp.ts'] },
  ...ts.configs.recommendedTypeChecked.map(c => ({ ...c, files: ['**/*.{ts,vue}'] })),
  ...vue.configs['flat/recommended'],
  prettier,
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: { parserOptions: typed },
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      // An attribute's order says nothing, and a prop that may be missing is `undefined`.
      'vue/attributes-order': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-v-html': 'error',
    },
  },
  {
    files: ['**/*.{ts,vue,js,mjs}'],
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: readable,
  },
  {
    // The linter sees a component of another file as anything at all; vue-tsc checks what it is.
    files: ['**/*.vue', 'app/main.ts'],
    rules: unseen,
  },
  {
    // Tests look into documents as JSON.parse gives them.
    files: ['**/*.test.ts', 'e2e/**/*.ts'],
    rules: unseen,
  },
  {
    // A test tells its story in one piece: a list of cases with a column each, a day at the bench,
    // an independent look at all that must hold.
    files: ['**/*.test.ts', '**/test-helpers/**', 'e2e/**/*.ts'],
    rules: { 'max-lines-per-function': 'off', 'max-params': 'off', complexity: 'off' },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/test-helpers/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: platform, message: 'core/ knows no interface and no platform.' }] },
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
    files: ['app/**'],
    ignores: ['app/desk/**'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: 'core/(?!(?:figures/format|reader/typed)$)',
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
