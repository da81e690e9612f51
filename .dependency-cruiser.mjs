import { readdirSync } from 'node:fs';

/** The layers of src/ and of src/core, lowest first (docs/architecture.md). An arrow may only point down. */
const layers = [
  'core',
  'runtime',
  'teller',
  'frame',
  'server',
  'workers',
  'client',
  'ui',
  'features',
  'app',
  'cli',
];
const coreLayers = [
  'ids',
  'markup',
  'lengths',
  'colour',
  'icons',
  'boxes',
  'bands',
  'properties',
  'brand',
  'pieces',
  'site',
  'menus',
  'starters',
  'edit',
  'resolve',
  'text',
  'fit',
  'render',
  'wording',
  'pointing',
  'why',
  'checks',
  'comparing',
  'formats',
];

// A folder that stands in no order would be bound by none.
for (const [root, names] of [
  ['src', layers],
  ['src/core', coreLayers],
])
  for (const { name } of readdirSync(root, { withFileTypes: true }).filter((entry) => entry.isDirectory()))
    if (!names.includes(name)) throw new Error(`${root}/${name} stands in no order of layers`);

const downOnly = (root, names) =>
  names.slice(0, -1).map((name, index) => ({
    name: `${root.replaceAll('/', '-')}-${name}-is-below`,
    severity: 'error',
    from: { path: `^${root}/${name}/`, pathNot: '\\.test\\.tsx?$' },
    to: { path: `^${root}/(${names.slice(index + 1).join('|')})/` },
  }));

const config = {
  forbidden: [
    ...downOnly('src', layers),
    ...downOnly('src/core', coreLayers),
    {
      name: 'browser-never-imports-server',
      severity: 'error',
      from: { path: '^src/(workers|client|ui|features)/' },
      to: { path: '^src/server/' },
    },
    {
      name: 'ui-knows-no-open-site',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/client/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: {
        pathNot:
          '^(src/core/|node_modules/(fflate|harfbuzzjs|linebreak|valibot|mutative|css-tree|culori|lucide|jsonc-parser|mdast-util-from-markdown|papaparse|parse5|saxes|@types/mdast)/)',
      },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};

export default config;
