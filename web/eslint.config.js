import words from '@intlify/eslint-plugin-vue-i18n'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import accessible from 'eslint-plugin-vuejs-accessibility'
import tseslint from 'typescript-eslint'
import { promises } from './lint/promises.js'

export default tseslint.config(
  { ignores: ['dist', 'target', 'src/api/schema.d.ts'] },
  ...tseslint.configs.strict,
  ...vue.configs['flat/recommended'],
  ...accessible.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser } },
  },
  {
    // Promises that nobody waits for lose what went wrong: the compiler's own types tell which those are.
    files: ['src/**/*.ts'],
    languageOptions: {
      parserOptions: {
        project: './tsconfig.json',
        extraFileExtensions: ['.vue'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      '@typescript-eslint/await-thenable': 'error',
    },
  },
  {
    files: ['src/**/*.vue'],
    plugins: { promises },
    rules: { 'promises/no-lost-call': 'error' },
  },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      // A label around its control needs no id; a field that was just asked for has the keys at once.
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
      'vuejs-accessibility/no-autofocus': 'off',
      'vue/component-api-style': ['error', ['script-setup']],
      'vue/define-macros-order': 'error',
      'vue/no-v-html': 'error',
      'vue/no-static-inline-styles': 'error',
    },
  },
  {
    // What a person reads stands in the catalogue of his language; signs and names of formats are the same in all.
    files: ['src/**/*.vue'],
    plugins: { '@intlify/vue-i18n': words },
    rules: {
      '@intlify/vue-i18n/no-raw-text': [
        'error',
        {
          ignoreNodes: ['code', 'kbd'],
          ignorePattern:
            '^[^A-Za-z]*$|^(g|m|s|h|d|min|W|V|Ah|%|mm|cm²|kB|PDF|CSV|JSON|km|°C|°F|g ·|×|Tavrel)$',
          attributes: {
            '/.+/': [
              'title',
              'aria-label',
              'placeholder',
              'alt',
              'label',
              'hint',
              'what',
              'suffix',
              'prefix',
            ],
          },
        },
      ],
    },
    settings: { 'vue-i18n': { localeDir: 'src/words/*.json', messageSyntaxVersion: '^11.0.0' } },
  },
  prettier,
)
