import next from 'eslint-config-next';
import nextTypescript from 'eslint-config-next/typescript';

/** The layers, lowest first: each may import only what stands before it (and itself). */
const layers = ['core', 'runtime', 'teller', 'server', 'workers', 'client', 'ui', 'features', 'app'];

/** Beside the order: the browser's side and the server's side do not know each other's code. */
const alsoForbidden = {
  client: ['server'],
  ui: ['server', 'client'],
  features: ['server'],
  workers: ['server'],
};

const layerRules = layers.map((layer, index) => ({
  files: [`src/${layer}/**`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...[...layers.slice(index + 1), ...(alsoForbidden[layer] ?? [])].map((above) => ({
            group: [`@/${above}/*`, `**/../${above}/*`],
            message: `src/${layer} stands below src/${above} (docs/architecture.md).`,
          })),
        ],
      },
    ],
  },
}));

const pureCore = {
  files: ['src/core/**/*.ts'],
  ignores: ['src/core/**/*.test.ts'],
  rules: {
    'no-restricted-globals': [
      'error',
      'window',
      'document',
      'process',
      'Buffer',
      'fetch',
      'setTimeout',
      'localStorage',
      'navigator',
      'crypto',
      'performance',
    ],
    'no-restricted-properties': [
      'error',
      {
        object: 'Math',
        property: 'random',
        message: 'The core has no randomness of its own: take it as an argument.',
      },
      { object: 'Date', property: 'now', message: 'The core has no clock: take the time as an argument.' },
    ],
    'no-restricted-syntax': [
      'error',
      {
        selector: "NewExpression[callee.name='Date']",
        message: 'The core has no clock: take the time as an argument.',
      },
    ],
  },
};

/** Collections of the document whose entries stand under ids. */
const collections =
  'pages|menus|items|headers|drawers|footers|bars|pieces|artwork|fonts|files|typeStyles|colours|spaces|radii';

/** Ids that edits bring are looked up with `own` (core/ids/id.ts): a record answers to names that nobody put into it. */
const ownIds = {
  files: ['src/core/edit/**/*.ts'],
  ignores: ['src/core/edit/**/*.test.ts'],
  rules: {
    'no-restricted-syntax': [
      'error',
      ...pureCore.rules['no-restricted-syntax'].slice(1),
      {
        selector: `:not(UnaryExpression[operator='delete'], TSNonNullExpression) > MemberExpression[computed=true][object.type='MemberExpression'][object.property.name=/^(${collections})$/]:not(AssignmentExpression > .left)`,
        message: 'Look ids up with own(record, id): they come from outside.',
      },
    ],
  },
};

/** React's rules take as long as all others together, and have nothing to find where React is not. */
const withoutReact = {
  files: ['src/{core,runtime,teller,server,workers,cli}/**', 'tests/**', 'scripts/**', 'bin/**'],
  rules: Object.fromEntries(
    next
      .flatMap(({ rules = {} }) => Object.keys(rules))
      .filter((rule) => /^(react|react-hooks|jsx-a11y|@next\/next)\//.test(rule))
      .map((rule) => [rule, 'off']),
  ),
};

const config = [
  {
    ignores: [
      '.next/**',
      '.jobs/**',
      'node_modules/**',
      'next-env.d.ts',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  ...next,
  ...nextTypescript,
  withoutReact,
  {
    // Its functions change with every scroll, so what they give is used at once and never kept.
    files: ['src/ui/tree/use-rows-in-sight.ts'],
    rules: { 'react-hooks/incompatible-library': 'off' },
  },
  ...layerRules,
  pureCore,
  ownIds,
];

export default config;
