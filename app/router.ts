// Addresses: the desk, a build's stages, its printed sheet. Views load when they are visited.
import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router'
import { STAGE_LINES } from './stages'

const views = import.meta.glob<{ default: object }>('./views/*View.vue')
const view = (name: string) => {
  const load = views[`./views/${name}View.vue`]
  if (!load) throw new RangeError(`There is no view "${name}"`)
  return load
}
const titled = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1)

const stages: RouteRecordRaw[] = STAGE_LINES.map(({ name, title }) => ({
  path: name,
  name,
  component: view(titled(name)),
  meta: { title, wide: name === 'bench' },
}))

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'start', component: view('Start'), meta: { title: 'Juntura' } },
    {
      path: '/b/:build',
      component: () => import('./views/BuildLayout.vue'),
      children: [
        {
          path: '',
          redirect: to => ({ name: 'parts', params: { build: to.params['build'] ?? '' } }),
        },
        ...stages,
        { path: 'buying', name: 'buying', component: view('Buying'), meta: { title: 'Buying' } },
        {
          path: 'measuring',
          name: 'measuring',
          component: view('Measuring'),
          meta: { title: 'Measuring round' },
        },
        {
          path: 'compare',
          name: 'compare',
          component: view('Compare'),
          meta: { title: 'Compare' },
        },
        { path: 'shelf', name: 'shelf', component: view('Shelf'), meta: { title: 'Shelf' } },
        { path: 'shelf/entry', name: 'entry', component: view('Entry'), meta: { title: 'A part' } },
        {
          path: 'shelf/compare',
          name: 'parts-compare',
          component: view('PartsCompare'),
          meta: { title: 'Parts side by side' },
        },
        {
          path: 'practice',
          name: 'practice',
          component: view('Practice'),
          meta: { title: 'Practice' },
        },
      ],
    },
    { path: '/storage', name: 'storage', component: view('Storage'), meta: { title: 'Storage' } },
    {
      path: '/b/:build/sheet',
      name: 'sheet',
      component: view('Sheet'),
      meta: { title: 'Build sheet' },
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})
