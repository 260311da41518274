// Addresses: the builds, a build's stages, its printed sheet. Views load when they are visited.
import {
  createRouter,
  createWebHistory,
  type RouteLocation,
  type RouteLocationRaw,
  type RouteRecordRaw,
} from 'vue-router'
import type { Stage } from '../../core/rules/finding'
import { STAGE_LINES } from '../ui/stages'

type View = () => Promise<{ default: object }>

const STAGE_VIEWS: Readonly<Record<Stage, View>> = {
  parts: () => import('../stages/parts/PartsView.vue'),
  fit: () => import('../stages/fit/FitView.vue'),
  joints: () => import('../stages/connections/ConnectionsView.vue'),
  power: () => import('../stages/power/PowerView.vue'),
  order: () => import('../stages/order/OrderView.vue'),
  panel: () => import('../stages/front-panel/FrontPanelView.vue'),
  routes: () => import('../stages/cables/CablesView.vue'),
  bench: () => import('../stages/bench/BenchView.vue'),
  proof: () => import('../stages/test/TestView.vue'),
  record: () => import('../stages/record/RecordView.vue'),
}
const stages: RouteRecordRaw[] = STAGE_LINES.map(({ name, address, title }) => ({
  ...{ path: address, name, component: STAGE_VIEWS[name] },
  meta: { title, wide: name === 'bench' },
}))

const page = (path: string, name: string, title: string, component: View): RouteRecordRaw => ({
  ...{ path, name, component },
  meta: { title },
})

/** The same place by its name now, with what stood behind the address. */
const moved =
  (name: string) =>
  ({ params, query, hash }: RouteLocation): RouteLocationRaw => ({ name, params, query, hash })

/** Addresses of earlier versions lead on to what they are now. */
const EARLIER: readonly (readonly [path: string, name: string])[] = [
  ['joints', 'joints'],
  ['panel', 'panel'],
  ['routes', 'routes'],
  ['proof', 'proof'],
  ['sheet', 'sheet'],
]

const inBuild: RouteRecordRaw[] = [
  { path: '', redirect: moved('parts') },
  ...stages,
  page(
    'to-hand',
    'to-hand',
    'Before the first screw',
    () => import('../stages/to-hand/ToHandView.vue'),
  ),
  page('buying', 'buying', 'Buying', () => import('../stages/buying/BuyingView.vue')),
  page(
    'measuring',
    'measuring',
    'Measuring round',
    () => import('../stages/measuring/MeasuringView.vue'),
  ),
  page('compare', 'compare', 'Compare', () => import('../stages/compare/CompareView.vue')),
  page('coming-in', 'arrivals', 'Parts come in', () => import('../arrivals/ArrivalsView.vue')),
  page('shelf', 'shelf', 'Shelf', () => import('../shelf/ShelfView.vue')),
  page('shelf/entry', 'entry', 'A part', () => import('../shelf/entry/EntryView.vue')),
  page(
    'shelf/compare',
    'parts-compare',
    'Parts side by side',
    () => import('../shelf/PartsCompareView.vue'),
  ),
  page('board', 'board', 'Tour of the board', () => import('../stages/board/BoardTourView.vue')),
  page('practice', 'practice', 'Practice', () => import('../practice/PracticeView.vue')),
  ...EARLIER.map(([path, name]): RouteRecordRaw => ({ path, redirect: moved(name) })),
]

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    page('/', 'start', 'Juntura', () => import('../builds/StartView.vue')),
    { path: '/b/:build', component: () => import('./BuildLayout.vue'), children: inBuild },
    page('/storage', 'storage', 'Storage', () => import('../builds/StorageView.vue')),
    page(
      '/b/:build/build-sheet',
      'sheet',
      'Build sheet',
      () => import('../stages/build-sheet/BuildSheetView.vue'),
    ),
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})
