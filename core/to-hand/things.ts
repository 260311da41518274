// Tools, paste, ties, small parts, manuals and what the set-up needs.
import { capital, number } from '../figures/format'
import { handId } from '../ids/ids'
import type { Dressing } from '../laying/dressing'
import type { WordedStep } from '../order/plan'
import type { Practised } from '../order/step-words/words'
import { specOf, type PartKind } from '../parts'
import { dropAcross } from '../standards/paste'
import { readyBy, sundries, toBuy, type HandRow, type Owned } from './row'

/** What steps take in hand and is told in rows of its own. */
const NO_TOOLS: readonly string[] = ['ties', 'USB stick']
/** Every tool that a step takes in hand, and the strap of who wears one. */
export const toolRows = (
  steps: readonly WordedStep[],
  items: readonly Owned[],
  practices: Practised,
): readonly HandRow[] =>
  [
    ...new Set([
      ...steps.flatMap(s => s.tools).filter(tool => !NO_TOOLS.includes(tool)),
      ...(practices.static === 'strap' ? ['strap with its lead'] : []),
    ]),
  ]
    .sort()
    .map(tool => {
      const known = sundries(
        items,
        p => p.use === 'tool' && p.model.toLowerCase() === tool.toLowerCase(),
      )
      return {
        id: handId(`tool:${tool}`),
        what: capital(tool),
        need: '',
        ...readyBy(known, { ready: 'look', from: '' }),
        buy:
          known.length > 0 ? null : toBuy({ id: 'hand-tool', model: capital(tool), use: 'tool' }),
      }
    })

/** Paste for each cooler: what came with it serves once. */
export const pasteRows = (
  steps: readonly WordedStep[],
  items: readonly Owned[],
): readonly HandRow[] =>
  steps.flatMap(({ id, kind, what, manner }) => {
    if (manner?.of !== 'cooler' || (kind !== 'cooler' && kind !== 'refit')) return []
    const isFresh = kind === 'cooler' && !manner.isUsed && manner.paste !== 'own'
    const tubes = sundries(items, p => p.use === 'paste')
    const need = manner.lid ? `a drop ${number(dropAcross(manner.lid), 0)} mm across` : 'a drop'
    const from = manner.paste === 'applied' ? 'on the cooler already' : `in the box of the ${what}`
    const row = isFresh
      ? ({ ready: 'look', from } as const)
      : readyBy(tubes, { ready: 'missing', from: 'what came with it serves once' })
    const buy =
      row.ready === 'missing'
        ? toBuy({ id: 'hand-paste', model: 'Heat paste', use: 'paste' })
        : null
    return [{ id: handId(`paste:${id}`), what: `Paste for the ${what}`, need, ...row, buy }]
  })

/** Ties, one at each place where leads are tied. */
export function tieRows({ sides }: Dressing, items: readonly Owned[]): readonly HandRow[] {
  const need = sides.reduce((sum, side) => sum + side.ties.length, 0)
  if (need === 0) return []
  const known = sundries(items, p => p.use === 'tie')
  return [
    {
      id: handId('ties'),
      what: 'Ties',
      need: `${need}, and some to spare`,
      ...readyBy(known, { ready: 'look', from: 'count them in the case’s bag' }),
      buy:
        known.length > 0
          ? null
          : toBuy({ id: 'hand-ties', model: 'Ties', use: 'tie', count: need }),
    },
  ]
}

/** Small parts of the plan that are easily forgotten. */
const SMALL: readonly PartKind[] = [
  'lead',
  'adapter',
  'bracket',
  'hub',
  'battery',
  'beeper',
  'sundry',
]
const SELDOM_FORGOTTEN = ['screw', 'standoff', 'paste', 'tie', 'tool']
export const smallRows = (items: readonly Owned[], isPlanned: (id: string) => boolean) =>
  items
    .filter(({ id, part }) => SMALL.includes(part.kind) && isPlanned(id))
    .filter(({ part }) => !(part.kind === 'sundry' && SELDOM_FORGOTTEN.includes(part.use ?? '')))
    .map((item): HandRow => ({
      id: handId(`part:${item.id}`),
      what: item.part.model,
      need: specOf(item.part.kind).title,
      ...readyBy([item], { ready: 'missing', from: '' }),
      buy: null,
    }))

/** The manuals that are opened at their drawings. */
export const manualRows = (items: readonly Owned[]): readonly HandRow[] =>
  items
    .filter(({ part }) => part.kind === 'board' || part.kind === 'case')
    .map(({ id, part }) => ({
      id: handId(`manual:${id}`),
      what: `Manual of the ${part.model}`,
      need: part.kind === 'board' ? 'open at its headers' : 'open at its screws',
      ...((part.pages ?? []).length > 0
        ? ({ ready: 'have', from: 'pages of it are kept here' } as const)
        : ({ ready: 'look', from: 'in its box, or as a file on another screen' } as const)),
      buy: null,
    }))

/** What the first start and the set-up need and nobody builds in. */
export function setUpRows(
  steps: readonly WordedStep[],
  items: readonly Owned[],
): readonly HandRow[] {
  const doing = (does: string): readonly Owned[] =>
    items.filter(({ part }) => part.kind === 'device' && part.does === does)
  const sticks = items.filter(({ part }) => part.kind === 'stick')
  /** Before sticks there were floppies. */
  const isOld = items.some(({ part }) => part.kind === 'supply' && part.form === 'AT')
  const starts = steps.some(s => s.kind === 'first-power')
  const row = (
    key: string,
    what: string,
    { need, known, from }: { need: string; known: readonly Owned[]; from: string },
  ): HandRow => ({
    ...{ id: handId(`set-up:${key}`), what, need },
    ...readyBy(known, { ready: 'look', from }),
    buy: null,
  })
  const flash = steps.find(s => s.kind === 'firmware')
  const lent = 'one that is lent will do'
  return [
    ...(flash
      ? [
          row('firmware', 'A USB stick with the firmware', {
            ...{ need: `${flash.label} or later, named as the manual says`, known: [], from: '' },
          }),
        ]
      : []),
    ...(starts
      ? [
          row('system', isOld ? 'Floppies with the system' : 'A USB stick with the system', {
            ...{ need: 'and what is typed in at its set-up', known: sticks, from: lent },
          }),
          row('screen', 'A screen and its lead', {
            ...{ need: 'for the first start', known: doing('monitor'), from: lent },
          }),
          row('keyboard', 'A keyboard on a wire', {
            ...{ need: 'for the firmware’s set-up', known: doing('keyboard'), from: lent },
          }),
        ]
      : []),
  ]
}
