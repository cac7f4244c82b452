import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config({ ignores: ['dist', 'src/api/schema.d.ts'] }, js.configs.recommended, {
  files: ['src/**/*.{ts,tsx}'],
  extends: [...ts.configs.strictTypeChecked, hooks.configs.flat.recommended],
  languageOptions: { parserOptions: { projectService: true } },
  rules: {
    '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
    '@typescript-eslint/no-confusing-void-expression': 'off',
  },
});
