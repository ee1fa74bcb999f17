import pluginVue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'
import vueParser from 'vue-eslint-parser'

export default tseslint.config(
  { ignores: ['src/api/schema.d.ts', 'src/components.d.ts'] },
  ...tseslint.configs.recommended,
  ...pluginVue.configs['flat/essential'],
  {
    files: ['**/*.vue'],
    rules: { 'vue/multi-word-component-names': 'off' }, // screens are named by what they show
    languageOptions: { parser: vueParser, parserOptions: { parser: tseslint.parser } },
  },
)
