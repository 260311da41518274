// The items of a horizon, ready for analysis, and what each tells by itself, whatever it is joined
// with.
import { layoutOf, PLACES } from '../case/layout'
import { counts, namesOf, resolve } from '../document/resolve'
import { endsByRef, endsOf } from '../joining/joint'
import { giveBackTask } from '../ids/ids'
import { isKind, kindOf, type Item, type PartKind } from '../parts'
import { shellOf } from './shells'
import { withoutFigures } from '../parts/without-figures'
import { stage, stageOfEach } from '../pipeline/stage'
import { sourceOf } from '../power/loads'
import { rated } from '../power/rated'
import { boardVideo, withVideo } from './video'
import { isUpright, standing, uprightPlaceIn } from './standing'
import { asChosen, chosen } from './chosen'
import { horizon, progress, storedItems } from './given'

const named = stage('named-items', { storedItems }, ({ storedItems }) => {
  const names = namesOf(storedItems)
  return storedItems.map(stored => ({
    id: stored.id,
    stored,
    name: names.get(stored.id) ?? stored.part.model,
  }))
})

/** Every item of the build, its copy's figures laid over its part's, whichever horizon counts it. */
export const allItems = stageOfEach(
  'item',
  { of: named, key: n => n.id },
  {},
  ({ stored, name }): Item => resolve(stored, name),
)

/** What was lent and went back: it joins nothing any more. */
const givenBack = stage('given-back', { storedItems, progress }, ({ storedItems, progress }) =>
  storedItems.flatMap(({ id, state }) => {
    const done = progress[giveBackTask(id)]
    return state === 'lent' && done && done.state !== 'crossed' ? [id] : []
  }),
)

/** The items that the horizon counts; spares join nothing. */
export const items = stage('items', { allItems, horizon, givenBack }, s =>
  s.allItems.filter(i => counts(s.horizon, i.state) && !s.givenBack.includes(i.id)),
)

export const names = stage(
  'names',
  { items },
  ({ items }): ReadonlyMap<string, string> => new Map(items.map(i => [i.id, i.name])),
)

/** What a copy tells by itself. */
export const alone = stageOfEach(
  'alone',
  { of: allItems, key: i => i.id },
  { chosen },
  (item, { chosen }) => {
    const kind = kindOf(item)
    const ends = kind.ends(item).map(e => asChosen(e, item, chosen))
    return {
      id: item.id,
      ends: endsOf(item, ends),
      asks: kind.asks?.(item) ?? [],
      shell: shellOf(item, ends),
      source: sourceOf(item, ends),
      /** What it is in all respects, to find others like it. */
      print: JSON.stringify([item.part, item.marks ?? {}, howItSits(item)]),
    }
  },
)
/** What is said of how a copy sits: one that sits otherwise stands for no other. */
const howItSits = ({ turned, upright, fitted }: Pick<Item, 'turned' | 'upright' | 'fitted'>) => [
  turned ?? 0,
  upright === true,
  fitted ?? false,
]
const video = stage('board-video', { items }, ({ items }) => boardVideo(items))
const upright = stage('upright', { items }, ({ items }) => uprightPlaceIn(items))
const copies = stage(
  'copies',
  { items, alone, video, upright },
  ({ items, alone, video, upright }) =>
    items.flatMap(item => {
      const own = alone.find(a => a.id === item.id)
      if (!own) return []
      const ends = standing(item, withVideo(item, own.ends, video), upright)
      if (ends === own.ends) return [own]
      const stands = isUpright(item, upright) ? { standsIn: upright.ref } : {}
      return [{ ...own, ends, shell: { ...own.shell, ...stands } }]
    }),
)

export const allEnds = stage('all-ends', { copies }, ({ copies }) => copies.flatMap(c => c.ends))
export const ends = stage('ends', { allEnds }, ({ allEnds }) => endsByRef(allEnds))
export const kinds = stage(
  'kinds',
  { items },
  ({ items }): ReadonlyMap<string, PartKind> => new Map(items.map(i => [i.id, i.part.kind])),
)
/** What is not known of the counted items. */
export const asks = stage('asks', { copies }, ({ copies }) =>
  copies.flatMap(({ id, asks }) => asks.map(ask => ({ ...ask, item: id }))),
)
export const shells = stage('shells', { copies }, ({ copies }) => copies.map(c => c.shell))
export const sources = stage('sources', { copies }, ({ copies }) => copies.map(c => c.source))
export const prints = stage('prints', { copies }, ({ copies }) =>
  copies.map(({ id, print }) => ({ id, print })),
)

const partPrints = stageOfEach('part-print', { of: storedItems, key: i => i.id }, {}, i => ({
  id: i.id,
  print: JSON.stringify([i.part, howItSits(i)]),
}))
/** The models of the counted items, whatever was measured on a copy. */
export const modelPrints = stage('model-prints', { items, partPrints }, ({ items, partPrints }) => {
  const counted = new Set(items.map(i => i.id))
  return partPrints.filter(p => counted.has(p.id))
})

/** Items without the figures that only sums and sizes read: a margin that moves changes none. */
export const plainItems = stage(
  'plain-items',
  {
    items,
    plain: stageOfEach('plain-item', { of: allItems, key: i => i.id }, {}, withoutFigures),
  },
  ({ items, plain }) => {
    const counted = new Set(items.map(i => i.id))
    return plain.filter(i => counted.has(i.id))
  },
)

/** Board and case: where leads go and standoffs stand. */
export const boardsAndCases = stage('boards-and-cases', { items }, ({ items }) =>
  items.filter(i => i.part.kind === 'case' || i.part.kind === 'board'),
)
export const supplies = stage('supplies', { items }, ({ items }) =>
  items.filter(isKind('supply')).map(rated),
)
export const cases = stage('cases', { items }, ({ items }) =>
  items.filter(isKind('case')).map(i => i.id),
)

/** The items whose figures limit the space that things have. */
export const limiting = stage('limiting', { items }, ({ items }) =>
  items.filter(i => i.part.kind === 'case' || i.part.kind === 'cooler'),
)

/** What of a board nobody may have placed: everything, or its front-panel block. */
const UNPLACED = [PLACES, 'panel.at'] as const
/** The case as a place; null without a case. Headers of a board that is derived are less sure. */
export const layout = stage('layout', { boardsAndCases }, ({ boardsAndCases }) => {
  const pc = boardsAndCases.find(isKind('case'))
  const isDerived = boardsAndCases.some(
    i => i.part.kind === 'board' && UNPLACED.some(path => i.part.assumed?.includes(path)),
  )
  return pc ? layoutOf(pc.part, isDerived) : null
})
