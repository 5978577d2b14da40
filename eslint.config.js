import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Areas of the workshop, lowest first; what is shared stands below all of them. */
const AREAS = [
  'lib',
  'ui',
  'stall',
  'hooks',
  'source',
  'bench',
  'pricing',
  'drift',
  'print',
  'shelves',
  'offers',
  'delivery',
  'reviews',
  'window',
  'counter',
  'opening',
  'frame',
];

/** An area uses only those before it; what a later one shows on its screens goes into a slot. */
const directions = AREAS.map((area, n) => ({
  files: [`resources/js/${area}/**/*.{ts,tsx}`],
  rules: {
    'no-restricted-imports': [
      'error',
      { patterns: [{ group: AREAS.slice(n + 1).map((later) => `@/${later}/*`), message: 'That area comes later.' }] },
    ],
  },
})).slice(0, -1);

export default tseslint.config(
  {
    ignores: [
      'vendor',
      'public',
      'var',
      'resources/js/types/*.d.ts',
      'resources/js/globals.d.ts',
      'resources/shop/faces/*.mjs',
    ],
  },
  ...tseslint.configs.strictTypeChecked,
  { languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } } },
  {
    files: ['resources/**/*.{ts,tsx}', 'tests/Front/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
    },
  },
  ...directions,
);
