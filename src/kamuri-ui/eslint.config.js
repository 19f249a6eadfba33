import js from '@eslint/js'
import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import globals from 'globals'
import tseslint from 'typescript-eslint'

export default tseslint.config(
    { ignores: ['node_modules', 'api/schema.d.ts'] },
    js.configs.recommended,
    ...tseslint.configs.strict,
    ...tseslint.configs.stylistic,
    jsxA11y.flatConfigs.recommended,
    reactHooks.configs.flat['recommended-latest'],
    {
        languageOptions: { globals: globals.browser },
        rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
    },
)
