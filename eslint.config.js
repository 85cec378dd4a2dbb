import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';

const from = (target, others, message) =>
  others.map((other) => ({ target: `./${target}`, from: `./${other}`, message }));

/** Arrows point down only: what a package may not reach into. */
const packageZones = [
  ...from(
    'core',
    ['contract', 'records', 'op', 'vision', 'studio-demo', 'server', 'app', 'e2e'],
    'The core imports nothing of the project.',
  ),
  ...from(
    'contract',
    ['records', 'op', 'vision', 'studio-demo', 'server', 'app', 'e2e'],
    'The contract knows the core only.',
  ),
  ...from(
    'records',
    ['op', 'vision', 'studio-demo', 'server', 'app', 'e2e'],
    'Rules over records know core and contract only.',
  ),
  ...from(
    'op',
    ['vision', 'studio-demo', 'server', 'app', 'e2e'],
    'The command line knows core and contract only.',
  ),
  ...from(
    'vision',
    ['core', 'contract', 'records', 'op', 'studio-demo', 'server', 'app', 'e2e'],
    'The hand finder stands by itself.',
  ),
  ...from(
    'studio-demo',
    ['op', 'vision', 'server', 'app', 'e2e'],
    'The demo knows core and contract only.',
  ),
  ...from('server', ['op', 'vision', 'app', 'e2e'], 'The server knows nothing of the interface.'),
  ...from(
    'app',
    ['op', 'studio-demo', 'server', 'e2e'],
    'The app reaches the studio through its API only.',
  ),
  ...from(
    'e2e',
    ['core', 'contract', 'records', 'op', 'server', 'app'],
    'Journeys know no package’s inside.',
  ),
  ...from('core/bow', ['core/measure', 'core/holds'], 'The bow is below what measures it.'),
  ...from(
    'core/hand',
    ['core/bow', 'core/measure', 'core/holds'],
    'The hand is below everything else.',
  ),
];

/** One feature never reaches into another one’s folder. */
const featureZones = (base, features) =>
  features.flatMap((feature) =>
    from(
      `${base}/${feature}`,
      features.filter((other) => other !== feature).map((other) => `${base}/${other}`),
      'A feature does not reach into another feature.',
    ),
  );

const zones = [
  ...packageZones,
  ...featureZones('app/src/features', [
    'today',
    'students',
    'handFile',
    'check',
    'holds',
    'build',
    'feedback',
    'balance',
    'stroke',
    'studioFiles',
    'waiting',
  ]),
  ...featureZones('server/src/features', [
    'students',
    'checks',
    'pictures',
    'holds',
    'relaxedHands',
    'lessonLog',
    'letters',
    'takes',
    'crossings',
  ]),
];

/** What looks for components: nothing outside the app has any, and reading every file for them costs time. */
const componentRules = Object.fromEntries(
  expo
    .flatMap(({ rules = {} }) => Object.keys(rules))
    .filter((name) => /^react(-hooks)?\//.test(name))
    .map((name) => [name, 'off']),
);

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
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '^(node:|react|expo|koa|knex)', message: 'The core is pure computation.' },
          ],
        },
      ],
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
    files: ['app/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
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
    files: ['app/app/**', 'app/types.d.ts', '**/*.config.{ts,js,mjs,cjs}'],
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
