import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import tseslint from 'typescript-eslint';

export default defineConfig(globalIgnores(['public', 'vendor', 'storage', 'web/src/api/schema.d.ts']), {
  files: ['web/**/*.{ts,tsx}'],
  extends: [tseslint.configs.recommendedTypeChecked, reactHooks.configs.flat.recommended, jsxA11y.flatConfigs.strict],
  languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
  rules: {
    'no-nested-ternary': 'error',
    // A text, a class list and the course of a line in a drawing cannot be cut.
    'max-len': ['error', { code: 120, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true }],
  },
});
