import stylistic from '@stylistic/eslint-plugin'
import prettier from 'eslint-plugin-prettier/recommended'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

// Imports run downward only: app → shared, core; server → shared, core; core → nothing above.
const up = (patterns, message) => ({
  'no-restricted-imports': ['error', { patterns: [{ group: patterns, message }] }],
})

const ABOVE_CORE = [
  ...['vue', 'vue/*', 'pinia', 'nuxt', 'nuxt/*', '@nuxt/*', '#*', '~*', '@/*', 'node:*', 'h3'],
  ...['@electric-sql/*', 'pg', '**/app/**', '**/server/**', '**/shared/**'],
]

/** Rooms of the core, lowest floor first: a room imports only from rooms before it. */
const ROOMS = [
  ...[
    'measure',
    'merge',
    'geometry',
    'time',
    'weather',
    'colour',
    'plant',
    'model',
    'bed',
    'care',
    'brief',
    'site',
    'layout',
    'light',
    'see',
  ],
  ...[
    'garden',
    'draw',
    'edit',
    'count',
    'exchange',
    'scene',
    'water',
    'season',
    'setout',
    'works',
    'papers',
    'match',
    'judge',
    'marks',
    'mend',
    'log',
  ],
]
/** One folder that a room may not look up to, from any depth of its own. */
const folder = (above) => [1, 2, 3, 4].map((depth) => `${'../'.repeat(depth)}${above}/**`)
const floorsOf = (wing, rooms, always, message) =>
  rooms.map((room, i) => ({
    files: [`${wing}/${room}/**/*.{ts,vue}`],
    ignores: ['**/*.test.ts'],
    rules: up([...always, ...rooms.slice(i + 1).flatMap((above) => [...folder(above), `~/${above}/**`])], message),
  }))
const floors = ROOMS.map((room, i) => ({
  files: [`core/${room}/**/*.ts`],
  ignores: ['core/**/*.test.ts'],
  rules: up(
    [...ABOVE_CORE, ...ROOMS.slice(i + 1).flatMap((above) => [`../${above}`, `../../${above}`])],
    'core imports only pure libraries, and rooms only those below them',
  ),
}))

/** Rooms of the server and of the app, lowest floor first, types too. */
const SERVER_ROOMS = [
  'db',
  'archive',
  'backup',
  'live',
  'people',
  'services',
  'beside',
  'utils',
  'plugins',
  'middleware',
  'api',
  'workers',
]
const APP_ROOMS = ['workers', 'utils', 'stores', 'painters', 'composables', 'components', 'pages']

/** What a template may not do: it shows and hands on; figures and choices are made in the script or the core. */
const inTemplates = (selector, message) => ({ selector: `VElement VExpressionContainer ${selector}`, message })

export default tseslint.config(
  { ignores: ['.nuxt/', '.output/', 'node_modules/', 'tests/.tmp/', 'tests/bench/.run.mjs', 'docs/'] },
  ...tseslint.configs.strict,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: tseslint.parser } } },
  prettier,
  {
    plugins: { '@stylistic': stylistic },
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@stylistic/max-len': ['error', { code: 140, ignoreRegExpLiterals: true, ignorePattern: '^ *<path ' }],
      complexity: ['error', { max: 12, variant: 'modified' }],
      'max-lines': ['error', { max: 300, skipBlankLines: true }],
      'max-lines-per-function': ['error', { max: 100, skipBlankLines: true, skipComments: true }],
      'no-nested-ternary': 'error',
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/attributes-order': 'off',
      'vue/no-restricted-syntax': [
        'error',
        inTemplates(
          'BinaryExpression[operator=/^[-+*/%]$/]',
          'No arithmetic in templates: work it out in the script.',
        ),
        inTemplates(
          'LogicalExpression > LogicalExpression',
          'No chained logic in templates: name it in the script.',
        ),
        inTemplates(
          'ConditionalExpression ConditionalExpression',
          'No nested choices in templates: name them in the script.',
        ),
      ],
    },
  },
  {
    files: ['**/*.test.ts', 'tests/**'],
    rules: { 'max-lines': 'off', 'max-lines-per-function': 'off', complexity: 'off', 'no-nested-ternary': 'off' },
  },
  ...floors,
  { files: ['shared/**/*.ts'], rules: up(['vue', '#*', '**/app/**', '**/server/**'], 'shared imports only core') },
  { files: ['server/**/*.ts'], rules: up(['vue', '**/app/**', '~/*'], 'server imports only shared and core') },
  ...floorsOf(
    'server',
    SERVER_ROOMS,
    ['vue', '**/app/**', '~/*'],
    'server imports only shared and core, and rooms only those below them',
  ),
  {
    files: ['app/**/*.ts', 'app/**/*.vue'],
    rules: up(['**/server/**', '@electric-sql/*', 'pg', 'node:*'], 'app imports only shared and core'),
  },
  ...floorsOf(
    'app',
    APP_ROOMS,
    ['**/server/**', '@electric-sql/*', 'pg', 'node:*'],
    'app imports only shared and core, and rooms only those below them',
  ),
)
