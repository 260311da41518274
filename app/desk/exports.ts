// What leaves the desk of one build, beside its file: the parts list, the build sheet, the drawing.
import { analyse } from '../../core/analysis/analyse'
import { isProblem } from '../../core/document/command'
import type { Horizon } from '../../core/document/resolve'
import type { View } from '../../core/drawing/views'
import { buildPage } from '../../core/exchange/build-page'
import { drawingSvg } from '../../core/exchange/drawing-svg'
import { partsCsv } from '../../core/exchange/parts-csv'
import { sheetMarkdown } from '../../core/exchange/sheet-markdown'
import type { Store } from './store'

export async function csvText(store: Store, id: string): Promise<string> {
  const build = await store.build(id)
  return isProblem(build) ? '' : partsCsv(build)
}

/** The build sheet of one horizon as Markdown. */
export async function sheetText(store: Store, id: string, horizon: Horizon): Promise<string> {
  const build = await store.build(id)
  return isProblem(build) ? '' : sheetMarkdown(build, analyse(build).horizons[horizon])
}

/** One horizon as a page that stands by itself. */
export async function pageText(store: Store, id: string, horizon: Horizon): Promise<string> {
  const build = await store.build(id)
  return isProblem(build) ? '' : buildPage(build, analyse(build).horizons[horizon])
}

/** The harness of one horizon as YAML. */
export async function harnessText(store: Store, id: string, horizon: Horizon): Promise<string> {
  const build = await store.build(id)
  if (isProblem(build)) return ''
  // Its library is loaded by those who ask for it.
  const { harnessYaml } = await import('../../core/exchange/harness-yaml')
  return harnessYaml(build, analyse(build).horizons[horizon])
}

/** A view of the case with the ways of its leads, in millimetres; null when there is no case. */
export async function drawingText(
  store: Store,
  id: string,
  horizon: Horizon,
  view: View,
): Promise<string | null> {
  const build = await store.build(id)
  if (isProblem(build)) return null
  const { drawings, paths } = analyse(build).horizons[horizon]
  const seen = drawings.find(d => d.view === view)
  return seen ? drawingSvg(build.name, seen, paths) : null
}
