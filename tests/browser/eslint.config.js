import playwright from 'eslint-plugin-playwright';
import ts from 'typescript-eslint';

// On a machine that is busy a page is slow: whatever is expected is waited for, and nothing is looked at once.
export default ts.config(
  {
    files: ['*.ts'],
    extends: [ts.configs.base, playwright.configs['flat/recommended']],
    rules: {
      'playwright/expect-expect': 'off',
      'playwright/no-conditional-in-test': 'off',
      'playwright/no-networkidle': 'error',
      'playwright/no-wait-for-timeout': 'error',
      'playwright/no-wait-for-selector': 'error',
      'playwright/prefer-web-first-assertions': 'error',
      'playwright/prefer-to-have-count': 'error',
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.name='expect'] > AwaitExpression",
          message: 'That is looked at once. Use an assertion that waits, or expect.poll.',
        },
        {
          // Between two pages there are none of them, and none is an answer too.
          selector:
            "AwaitExpression:not(CallExpression[callee.property.name='poll'] *) > CallExpression[callee.property.name=/^(evaluateAll|allInnerTexts|allTextContents)$/]",
          message: 'That does not wait for any to be there. Use expect.poll, or an assertion that waits.',
        },
      ],
    },
  },
  {
    files: ['*.spec.ts'],
    // One way to look for barriers, so that it looks for the same everywhere.
    rules: { 'no-restricted-imports': ['error', '@axe-core/playwright'] },
  },
);
