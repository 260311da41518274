// Who may know whom: no circles, of files or of folders, and one direction through the core.
// Imports of types count.

/** The folders of the core, lowest first: each may know those before it. */
const FLOORS = [
  ...[
    'collections',
    'ids',
    'schema',
    'figures',
    'geometry',
    'standards',
    'connectors',
    'words',
    'case',
    'ways',
  ],
  ...['parts', 'outlines', 'document', 'pipeline', 'matching', 'joining', 'power', 'laying'],
  ...['plan', 'panel', 'rules', 'order', 'proof', 'to-hand', 'stages', 'drawing', 'analysis'],
  ...['forms', 'reader', 'shelf', 'exchange', 'remedies'],
]
/** The rooms of the interface, lowest first. */
const ROOMS = [
  'desk',
  'state',
  'ui',
  'drawing',
  'shelf',
  'practice',
  'arrivals',
  'stages',
  'builds',
  'shell',
]
const TESTS = '\\.test\\.ts$|/test-helpers/'
const within = (place, names) => `^${place}/(${names.join('|')})/`

/** Each folder of a place may know itself and those that stand before it. */
const upward = (place, folders) =>
  folders.slice(0, -1).map((folder, i) => ({
    name: `${place}/${folder} knows only what is below it`,
    severity: 'error',
    from: { path: within(place, [folder]), pathNot: TESTS },
    to: { path: within(place, folders.slice(i + 1)) },
  }))
const complete = (place, folders) => ({
  name: `every folder of ${place} has its floor`,
  severity: 'error',
  from: {
    path: `^${place}/`,
    pathNot: [TESTS, '^app/(main|globals\\.d)\\.ts$', within(place, folders)],
  },
  to: {},
})

export default {
  forbidden: [
    { name: 'no circle of files', severity: 'error', from: {}, to: { circular: true } },
    complete('core', FLOORS),
    ...upward('core', FLOORS),
    complete('app', ROOMS),
    ...upward('app', ROOMS),
    {
      name: 'a stage knows no other stage: what two use is in ui',
      severity: 'error',
      from: { path: '^app/stages/([^/]+)/' },
      to: { path: '^app/stages/', pathNot: '^app/stages/$1/' },
    },
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
