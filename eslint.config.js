import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import { forbiddenArrows, IN_TESTS, PACKAGES } from './scripts/arrows.mjs';

const zones = forbiddenArrows().map(({ from, to, why }) => ({
  // Tests of the core hold what is below against what is above.
  target: from.startsWith('core/') ? `./${from}/**/!(*.test).ts` : `./${from}`,
  from: `./${to}`,
  message: why,
}));

/** Package names that a package may not write; the paths behind them are zones already. */
const otherPackages = (may) => ({
  regex: `^@open-palm/(?!(?:${['-', ...may].join('|')})(?:/|$))`,
  message: 'Arrows point down only: see scripts/arrows.mjs.',
});

const isTest = ['**/*.test.{ts,tsx}', '**/testing/**', '**/bench/**'];
const pure = { regex: '^(node:|react|expo|koa|knex)', message: 'The core is pure computation.' };

/** What each package may name, in its code and in its tests. */
const packageNames = Object.entries(PACKAGES).flatMap(([name, may]) => {
  const own = [...may, name];
  const patterns = (all, ...more) => ({
    'no-restricted-imports': ['error', { patterns: [otherPackages(all), ...more] }],
  });
  return [
    {
      files: [`${name}/**/*.{ts,tsx}`],
      ignores: isTest,
      rules: patterns(own, ...(name === 'core' ? [pure] : [])),
    },
    {
      files: isTest.map((test) => `${name}/${test}`),
      rules: patterns([...own, ...(IN_TESTS[name] ?? [])]),
    },
  ];
});

/** What looks for components: nothing outside the app has any, and reading every file for them costs time. */
const componentRules = Object.fromEntries(
  expo
    .flatMap(({ rules = {} }) => Object.keys(rules))
    .filter((name) => /^react(-hooks)?\//.test(name))
    .map((name) => [name, 'off']),
);

/** What time it is, is asked in one place: a device's clock may be wrong. */
const oneNow = {
  selector: "NewExpression[callee.name='Date'][arguments.length=0]",
  message: 'There is one now: studioNow of foundation/api/clock.',
};

export default [
  { ignores: ['**/node_modules', '**/dist', '**/.expo', 'data', 'test-results'] },
  ...expo,
  prettier,
  { files: ['**/*.{ts,js,mjs}'], ignores: ['app/**'], rules: componentRules },
  {
    files: ['**/*.{ts,tsx}'],
    settings: {
      'import/resolver': {
        typescript: {
          project: ['tsconfig.json', 'app/tsconfig.json'],
          noWarnOnMultipleProjects: true,
        },
      },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-redeclare': 'off',
      'no-redeclare': 'off',
      'import/no-default-export': 'error',
      'import/no-restricted-paths': ['error', { zones }],
      // Told by the type checker already.
      'import/namespace': 'off',
      'import/no-named-as-default-member': 'off',
      // There are no default exports of ours to be mistaken; looking for them took a third of the time.
      'import/no-named-as-default': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'max-lines': ['error', 300],
    },
  },
  {
    // Data: drawings, sentences, hands to be rendered.
    files: [
      'app/src/assessment/advice/CueScene.tsx',
      'app/src/foundation/strings/en/*.ts',
      'studio-demo/render/grips.ts',
    ],
    rules: { 'max-lines': 'off' },
  },
  ...packageNames,
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'process',
        'Date',
        'setTimeout',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness is handed in.' },
      ],
    },
  },
  {
    files: ['server/src/**/*.ts'],
    ignores: ['**/repo.ts', '**/*.test.ts', 'server/src/db/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'CallExpression[callee.name=/^(db|trx|knex)$/], CallExpression[callee.object.name=/^(db|trx)$/][callee.property.name=/^(raw|from|select|transaction)$/]',
          message: 'SQL of a resource stands in its repo.ts.',
        },
      ],
    },
  },
  {
    files: ['app/**/*.{ts,tsx}'],
    ignores: isTest,
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          name: '@open-palm/contract',
          allowTypeImports: true,
          message:
            'From its own file: with the list of all would come every schema, and a phone makes them all before it shows anything.',
        },
      ],
    },
  },
  {
    files: ['app/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        oneNow,
        {
          selector: 'JSXText[value=/[A-Za-z]{2,}/]',
          message: 'Sentences for people stand in the strings catalogue.',
        },
        {
          selector: 'JSXAttribute[name.name=/^(label|title|aria-label)$/] > Literal',
          message: 'Sentences for people stand in the strings catalogue.',
        },
      ],
    },
  },
  {
    files: ['app/**/*.ts'],
    ignores: ['**/*.test.ts', 'app/src/foundation/api/clock.ts'],
    rules: { 'no-restricted-syntax': ['error', oneNow] },
  },
  {
    files: [
      'app/app/**',
      'app/types.d.ts',
      'e2e/support/fillStudio.ts',
      '**/*.config.{ts,js,mjs,cjs}',
    ],
    rules: { 'import/no-default-export': 'off' },
  },
  {
    files: ['**/*.{mjs,cjs,js}'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        module: 'writable',
        require: 'readonly',
        __dirname: 'readonly',
        URL: 'readonly',
      },
    },
  },
];
