import js from '@eslint/js'
import stylistic from '@stylistic/eslint-plugin'
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
    languageOptions: { globals: globals.browser, parserOptions: { parser: ts.parser } },
    rules: {
      '@stylistic/max-len': ['error', { code: 150, ignoreUrls: true, ignoreTemplateLiterals: true }],
      '@stylistic/arrow-parens': ['error', 'always'],
      'vue/max-attributes-per-line': ['error', { singleline: 4 }],
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': ['error', { html: { void: 'any' } }],
      'max-lines': ['error', 300],
    },
  },
)
