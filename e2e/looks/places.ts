// Every place one can be: the stages and lists of a build, and what stands beside the builds.

/** Every view within a build, by its address there. */
export const VIEWS = [
  'parts',
  'fit',
  'connections',
  'power',
  'order',
  'front-panel',
  'cables',
  'bench',
  'test',
  'record',
  'measuring',
  'buying',
  'to-hand',
  'compare',
  'practice',
  'board',
  'coming-in',
  'shelf',
  'shelf?part=ottery-rill-360',
  'shelf/entry?from=sheet',
  'shelf/entry?from=numbers',
  'shelf/entry?from=hand',
  'shelf/entry?from=edit&part=dunlin-a750g',
  'shelf/entry?from=mend&item=cooler',
  'shelf/compare?parts=dunlin-a850,dunlin-a1000',
]

export const BENCH = '/b/avocet/bench'
export const PLACES: readonly string[] = [
  ...VIEWS.map(view => `/b/avocet/${view}`),
  '/b/curlew/front-panel',
  '/b/curlew/fit',
  '/b/teal/fit',
  '/',
  '/storage',
  '/b/avocet/build-sheet',
  '/b/none/parts',
]
