// Who may know whom: no circles, of files or of folders, and one direction through the core.
// Imports of types count.

/** The folders of the core, lowest first: each may know those before it. */
const FLOORS = [
  ...['collections', 'ids', 'schema', 'figures', 'geometry', 'standards', 'connectors', 'case'],
  ...['parts', 'outlines', 'document', 'pipeline', 'matching', 'joining', 'power', 'laying'],
  ...['plan', 'panel', 'rules', 'order', 'proof', 'stages', 'drawing', 'analysis'],
  ...['forms', 'reader', 'shelf', 'exchange', 'remedies'],
]
const TESTS = '\\.test\\.ts$|/test-helpers/'
const inFolders = names => `^core/(${names.join('|')})/`

const upward = FLOORS.slice(0, -1).map((floor, i) => ({
  name: `core/${floor} knows only what is below it`,
  severity: 'error',
  from: { path: inFolders([floor]), pathNot: TESTS },
  to: { path: inFolders(FLOORS.slice(i + 1)) },
}))

export default {
  forbidden: [
    { name: 'no circle of files', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'every folder of the core has its floor',
      severity: 'error',
      from: { path: '^core/', pathNot: [TESTS, inFolders(FLOORS)] },
      to: {},
    },
    ...upward,
    {
      name: 'the core knows nobody outside',
      severity: 'error',
      from: { path: '^core/', pathNot: TESTS },
      to: { path: '^(app|server|scripts|e2e)/' },
    },
  ],
  options: {
    includeOnly: '^(core|app|server|scripts|e2e)/',
    exclude: { path: ['\\.tmp\\.ts$'] },
    extraExtensionsToScan: ['.vue'],
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    moduleSystems: ['es6'],
    reporterOptions: { text: { highlightFocused: true } },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.mjs', '.js'] },
  },
}
