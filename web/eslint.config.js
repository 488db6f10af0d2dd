import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import accessible from 'eslint-plugin-vuejs-accessibility'
import tseslint from 'typescript-eslint'

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
    files: ['src/**/*.ts', 'src/**/*.vue'],
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
  prettier,
)
