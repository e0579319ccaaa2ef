import js from '@eslint/js'
import stylistic from '@stylistic/eslint-plugin'
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import importX from 'eslint-plugin-import-x'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['target/**', 'node_modules/**', 'src/shared/contract.ts'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  stylistic.configs.customize({ indent: 2, quotes: 'single', semi: false, braceStyle: '1tbs' }),
  {
    plugins: { 'import-x': importX },
    settings: {
      'import-x/extensions': ['.ts', '.vue'],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts'], 'vue-eslint-parser': ['.vue'] },
      'import-x/resolver-next': [createTypeScriptImportResolver()],
    },
    rules: { 'import-x/no-cycle': ['error', { ignoreExternal: true }] },
  },
  {
    languageOptions: { globals: globals.browser, parserOptions: { parser: ts.parser } },
    rules: {
      '@stylistic/max-len': ['error', { code: 150, ignoreUrls: true, ignoreTemplateLiterals: true }],
      '@stylistic/arrow-parens': ['error', 'always'],
      'vue/max-attributes-per-line': ['error', { singleline: 4 }],
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': ['error', { html: { void: 'any' } }],
      'vue/no-undef-components': ['error', { ignorePatterns: ['^v-', '^router-', '^component$', '^i18n-'] }],
      'max-lines': ['error', 300],
    },
  },
)
