import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

// Imports run downward only: app → shared, core; server → shared, core; core → nothing above.
const up = (patterns, message) => ({ 'no-restricted-imports': ['error', { patterns: [{ group: patterns, message }] }] })

export default tseslint.config(
  { ignores: ['.nuxt/', '.output/', 'node_modules/', 'tests/.tmp/', 'tests/bench/.run.mjs', 'docs/'] },
  ...tseslint.configs.strict,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: tseslint.parser } } },
  {
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/html-self-closing': ['error', { html: { void: 'never' } }],
      'vue/require-default-prop': 'off',
      'vue/html-indent': 'off',
      'vue/attributes-order': 'off',
    },
  },
  { files: ['core/**/*.ts'], ignores: ['core/**/*.test.ts'], rules: up(['vue', 'vue/*', 'pinia', 'nuxt', 'nuxt/*', '@nuxt/*', '#*', '~*', '@/*', 'node:*', 'konva', 'h3', '@electric-sql/*', 'pg', '**/app/**', '**/server/**', '**/shared/**'], 'core imports only core and pure libraries') },
  { files: ['shared/**/*.ts'], rules: up(['vue', '#*', '**/app/**', '**/server/**'], 'shared imports only core') },
  { files: ['server/**/*.ts'], rules: up(['vue', '**/app/**', '~/*', 'konva'], 'server imports only shared and core') },
  { files: ['app/**/*.ts', 'app/**/*.vue'], rules: up(['**/server/**', '@electric-sql/*', 'pg', 'node:*'], 'app imports only shared and core') },
)
