import js from '@eslint/js'
import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import globals from 'globals'
import tseslint from 'typescript-eslint'

// Texts stand together in catalogues, so that they can be read, printed and tested together.
const inCatalogue = 'Texts belong into the words.ts of their folder.'
const texts = [
    'JSXText[value=/[A-Za-z]{2}/]',
    'JSXAttribute[name.name=/^(aria-label|label|title|alt|placeholder|hint|note|term|description)$/] > Literal[value=/[A-Za-z]{2}/]',
    'JSXElement > JSXExpressionContainer > ConditionalExpression > Literal[value=/[a-z]{2}/]',
    'Literal[value=/^(?!.*Variable)[A-Z“][a-z’]+,? [A-Za-z“]/]',
    'TemplateElement[value.raw=/^[^-:[\\]/]*[a-z]{2,}[,;]? [a-z]{2,}[^-:[\\]/]*$|^ ?[A-Z][a-z]+ |^, [a-z]/]',
]

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
    {
        files: ['{app,drawings,kit,places}/**/*.{ts,tsx}'],
        ignores: ['**/words.ts'],
        rules: { 'no-restricted-syntax': ['error', ...texts.map((selector) => ({ selector, message: inCatalogue }))] },
    },
)
