import js from '@eslint/js';
import next from '@next/eslint-plugin-next';
import hooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import tseslint from 'typescript-eslint';

/** What the pure core may not import: frameworks, the database, Node, and anything of ours outside src/core. */
const CORE_IMPORTS = [
  {
    regex: '^(react|react-dom|next|mysql2|pino|chart\\.js|@chakra-ui/react|node:.*|server-only)(/|$)',
    message: 'src/core is pure: no framework, no database, no Node.',
  },
  { regex: '(^@/|(^|/)\\.\\./)(app|server|ui|workers)(/|$)', message: 'src/core imports nothing outside src/core.' },
];

/** A cast through unknown: what a value is is checked or typed instead. */
const THROUGH_UNKNOWN = {
  selector: 'TSAsExpression > TSAsExpression > TSUnknownKeyword',
  message: 'No cast through unknown: check what it is, or type it.',
};

/** Controls and containers of the browser's own: the kit has each of them. */
const RAW_ELEMENTS = {
  selector: 'JSXOpeningElement[name.name=/^(button|input|select|textarea|table|dialog|details|progress|meter)$/]',
  message: 'A control, table or dialog is the kit’s: Chakra’s own, or one of src/ui/kit.',
};

/** Classes of a style sheet: there is none. Only tables mark their figures so. */
const CLASSES = {
  selector: 'JSXAttribute[name.name="className"] > Literal[value!="num"]',
  message: 'The look is the theme’s: style props, a recipe, or a part that is drawn.',
};

/** The beginning of a statement of SQL. */
const SQL = String.raw`/^\s*(SELECT|INSERT INTO|UPDATE|DELETE FROM|REPLACE INTO)\s/`;

export default defineConfig(
  globalIgnores(['.next*/', 'next-env.d.ts', '.data/', 'test-results/', '*.cjs', '.*.cjs', 'types/']),
  js.configs.recommended,
  tseslint.configs.recommendedTypeChecked,
  {
    languageOptions: {
      parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname },
    },
  },
  hooks.configs.flat.recommended,
  {
    plugins: { '@next/next': next },
    rules: { ...next.configs.recommended.rules, ...next.configs['core-web-vitals'].rules },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts', 'src/core/testing/**'],
    rules: {
      'no-restricted-imports': ['error', { patterns: CORE_IMPORTS }],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'localStorage',
        'performance',
        'crypto',
        'setTimeout',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Chance is passed in.' },
        { object: 'Date', property: 'now', message: 'The clock is passed in.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'The clock is passed in.' },
        THROUGH_UNKNOWN,
      ],
    },
  },
  {
    // What may be missing is looked at, not asserted. Only the loops over typed arrays read them unchecked: an accessor
    // that checks (base/lookup) took some 20 times as long over five kinds of array, and tests of every shape hold these.
    files: ['src/**/*.{ts,tsx}'],
    ignores: [
      '**/*.test.{ts,tsx}',
      'src/*/testing/**',
      'src/core/part-file/geometry/**',
      'src/core/part-file/still/still.ts',
      'src/core/simulation/draws.ts',
    ],
    rules: { '@typescript-eslint/no-non-null-assertion': 'error' },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'src/*/testing/**', 'src/server/**', 'src/app/**', 'src/core/**'],
    rules: { 'no-restricted-syntax': ['error', THROUGH_UNKNOWN, RAW_ELEMENTS, CLASSES] },
  },
  {
    // SQL stands in files of queries; the runner of migrations and of transactions speaks to the database itself.
    files: ['src/server/**/*.{ts,tsx}', 'src/app/**/*.{ts,tsx}'],
    ignores: ['**/*queries.ts', 'src/server/db/**', '**/*.test.{ts,tsx}', 'src/server/testing/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: `Literal[value=${SQL}]`, message: 'SQL belongs in a file of queries.' },
        { selector: `TemplateElement[value.raw=${SQL}]`, message: 'SQL belongs in a file of queries.' },
        THROUGH_UNKNOWN,
        RAW_ELEMENTS,
        CLASSES,
      ],
    },
  },
  {
    // A name with a leading underscore is taken out of an object so that it is not passed on.
    rules: { '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }] },
  },
  { files: ['**/*.mjs'], ...tseslint.configs.disableTypeChecked },
);
