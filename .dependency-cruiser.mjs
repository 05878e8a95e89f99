/**
 * The order of the layers, as a rule: a file may import from its own layer and from those before it. No import circle
 * anywhere. `npm run lint` checks it; `npm run arrows` prints the counts of docs/architecture.md.
 */

/** The layers of core from the bottom up. */
export const LAYERS = [
  ...[
    'geometry',
    'model',
    'furniture',
    'fit',
    'room',
    'reach',
    'fetch',
    'scene',
    'zones',
    'cost',
    'checks',
    'report',
    'search',
    'ask',
  ],
  ...['gestures', 'entry', 'changeover', 'find', 'upkeep', 'formats'],
];
/** The layers of the window from the bottom up. */
export const WEB_LAYERS = ['sync', 'engine', 'state', 'ui', 'drawings', 'parts', 'steps', 'app'];
/** Workspaces and folders beside core: what each may import of the others. */
const MAY = {
  core: [],
  library: ['core'],
  testing: ['core', 'library'],
  // The server fills an empty demo.
  server: ['core', 'demo'],
  cli: ['core', 'library', 'server'],
  web: ['core', 'library'],
  demo: ['core', 'library'],
};
const TEST = '\\.(test|spec)\\.tsx?$|^core/published/';

/** No arrow up: one rule for each layer but the highest. */
const upward = (folder, layers) =>
  layers.slice(0, -1).map((layer, i) => ({
    name: `${layer}-is-below`,
    comment: `${folder}/${layer}/ knows nothing of the layers above it (docs/architecture.md).`,
    severity: 'error',
    from: { path: `^${folder}/${layer}/`, pathNot: TEST },
    to: { path: `^${folder}/(${layers.slice(i + 1).join('|')})/` },
  }));
const sideways = Object.entries(MAY).map(([folder, may]) => ({
  name: `${folder}-reaches-${may.join('-and-') || 'nothing'}`,
  comment: `${folder}/ imports only from ${[folder, ...may].join(', ')}.`,
  severity: 'error',
  from: { path: `^${folder}/`, pathNot: TEST },
  to: {
    path: `^(${['core', 'library', 'testing', 'server', 'cli', 'web', 'demo', 'bench', 'e2e'].filter((f) => f !== folder && !may.includes(f)).join('|')})/`,
  },
}));

export default {
  forbidden: [
    {
      name: 'no-circle',
      comment: 'Files that import each other in a circle cannot be read one after the other.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'undeclared-package',
      comment: 'A package is declared by the workspace that uses it.',
      severity: 'error',
      from: { path: '^(core|library|testing|server|cli|web)/', pathNot: TEST },
      to: { dependencyTypes: ['npm-no-pkg', 'npm-unknown'] },
    },
    {
      name: 'steps-apart',
      comment: 'What several steps share stands in web/parts/.',
      severity: 'error',
      from: { path: '^web/steps/([^/]+)/', pathNot: TEST },
      to: { path: '^web/steps/', pathNot: '^web/steps/$1/' },
    },
    ...upward('core', LAYERS),
    ...upward('web', WEB_LAYERS),
    ...sideways,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(node_modules|dist)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default'] },
    combinedDependencies: false,
  },
};
