import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/** The folders in the order in which they may use each other: a folder imports only from those before it. */
const ORDER = [
  'api',
  'styles',
  'word',
  'strip',
  'shell',
  'lessons',
  'ladders',
  'year',
  'words',
  'setup',
  'app',
];

/** The places: none of them uses another. */
const PLACES = ['lessons', 'ladders', 'year', 'words', 'setup'];

const ordered = ORDER.map((folder, at) => {
  const later = ORDER.slice(at + 1);
  const others = PLACES.includes(folder) ? PLACES.filter((x) => x !== folder) : [];
  const forbidden = [...new Set([...later, ...others])];
  return {
    files: [`src/${folder}/**/*.{ts,tsx}`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: forbidden.map((x) => ({
            group: [`../${x}`, `../${x}/*`, `**/src/${x}/*`],
            message: `${folder} comes before ${x}: what both need stands before both.`,
          })),
        },
      ],
    },
  };
});

export default ts.config(
  { ignores: ['dist', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx}'],
    extends: [...ts.configs.strictTypeChecked, hooks.configs.flat.recommended],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      'no-restricted-syntax': [
        'error',
        {
          selector: 'JSXAttribute[name.name=/^(min|max)$/] > JSXExpressionContainer > Literal',
          message: 'The rules say between which numbers a field takes one: useLimits.',
        },
      ],
    },
  },
  ...ordered,
);
