// What the page may ask the desk. Nothing here changes anything.
import { analyse, blocksIn, glanceAt, toursIn } from '../../core/analysis/analyse'
import type { View } from '../../core/drawing/views'
import { difference, type Difference } from '../../core/analysis/compare'
import { isProblem } from '../../core/document/command'
import { entryLine } from '../../core/document/log'
import { holdsWhat } from '../../core/document/open'
import type { Horizon } from '../../core/document/resolve'
import { formOf } from '../../core/forms/form'
import { KINDS, PART_KINDS, type PartKind } from '../../core/parts'
import { ARCHETYPE } from '../../core/case/layout'
import { BOARD_CHOICES, type BoardOutline } from '../../core/outlines/board-outline'
import { CASE_NUMBERS } from '../../core/outlines/case-outline'
import { READABLE } from '../../core/reader/read'
import { RULES } from '../../core/rules/registry'
import { confirmed } from '../../core/parts/not-stated'
import { checkPart } from '../../core/shelf/check'
import type { Query } from '../../core/shelf/find'
import { BOARD_FORMS } from '../../core/standards/boards'
import { CONNECTORS, MATINGS } from '../../core/connectors/connectors'
import type { Look } from '../../core/connectors/look'
import { canBePasted, membersIn } from '../../core/reader/members'
import { readPins } from '../../core/reader/pins'
import { PIN_JOBS, pinName, type PinJob } from '../../core/standards/panel'
import { MEMORY_TYPES } from '../../core/standards/modules'
import { GLOSSARY, wordsIn, type Explained } from '../../core/words/glossary'
import type { Desk } from './desk'
import { csvText, drawingText, harnessText, pageText, sheetText } from './exports'
import { pagesOf, picturesBy, picturesOf } from './pictures'
import type { Progress } from './shelf/chunks'
import {
  blank,
  fromBoard,
  fromCase,
  readAgain,
  varied,
  type CaseNumbers,
  type Entered,
} from './shelf/drafts'
import type { TablePlan } from './shelf/incoming-parts'
import { compared, found, groupsOf, rangesIn, rowsOf } from './shelf/looking'
import type { AsideLine } from './storage'

/** What the program knows by itself, for the pages that explain: connectors, terms and rules. */
export interface Reference {
  readonly connectors: readonly {
    readonly face: string
    readonly name: string
    readonly shape: string
    readonly key: string
    readonly carries: string
    readonly lookAlike: string | null
    readonly seat: string
    readonly source: string
    readonly look: Look
    /** What its plug can be forced into, and what that does. */
    readonly alike: readonly {
      readonly face: string
      readonly name: string
      readonly verdict: string
      readonly note: string
      readonly look: Look
    }[]
  }[]
  readonly terms: readonly Explained[]
  /** What a pin of a front-panel block may be for, as it is printed. */
  readonly pinJobs: readonly { readonly job: PinJob; readonly says: string }[]
  readonly rules: readonly {
    readonly id: string
    readonly stage: string
    readonly question: string
    readonly source: string
  }[]
}

/** Two builds side by side. */
export interface Compared {
  readonly names: readonly [string, string]
  readonly difference: Difference
}

export interface LogLine {
  readonly at: string
  readonly line: string
}

export function questionsOf(desk: Desk) {
  const { store, storage, builds } = desk
  const { db } = store
  return {
    /** The pictures of a build by their ids. */
    pictures: async (id: string): Promise<Readonly<Record<string, string>>> => {
      const build = await store.build(id)
      return isProblem(build) ? {} : picturesBy(db, picturesOf(build))
    },
    /** What was done to a build, the latest first. */
    log: async (id: string): Promise<readonly LogLine[]> =>
      (await builds.logOf(id)).map(e => ({ at: e.at, line: entryLine(e) })).reverse(),
    /** Two builds side by side; null when one of them is not here. */
    compare: async (one: string, other: string, horizon: Horizon): Promise<Compared | null> => {
      const [a, b] = [await store.build(one), await store.build(other)]
      if (isProblem(a) || isProblem(b)) return null
      const side = (build: typeof a) => analyse(build, desk.memoOf(build.id)).horizons[horizon]
      return { names: [a.name, b.name], difference: difference(side(a), side(b)) }
    },
    file: (ids: readonly string[]) => storage.file(ids),
    everything: () => storage.everything(),
    asideFile: (of: AsideLine['of'], id: string) => storage.asideFile(of, id),
    used: () => storage.used(),
    csv: (id: string) => csvText(store, id),
    sheet: (id: string, horizon: Horizon) => sheetText(store, id, horizon),
    page: (id: string, horizon: Horizon) => pageText(store, id, horizon),
    drawing: (id: string, horizon: Horizon, view: View) => drawingText(store, id, horizon, view),
    /** A build as the list of builds shows it; null where it cannot be read. */
    glance: async (id: string) => {
      const build = await store.build(id)
      return isProblem(build) ? null : glanceAt(build, desk.memoOf(build.id))
    },
    /** The machine in space; null without a case. */
    blocks: async (id: string, horizon: Horizon) => {
      const build = await store.build(id)
      return isProblem(build) ? null : blocksIn(build, horizon, desk.memoOf(build.id))
    },
    /** Its boards, socket by socket. */
    tours: async (id: string, horizon: Horizon) => {
      const build = await store.build(id)
      return isProblem(build) ? [] : toursIn(build, horizon, desk.memoOf(build.id))
    },
    harness: (id: string, horizon: Horizon) => harnessText(store, id, horizon),
    ...shelfQuestions(desk),
    entryChoices,
    reference,
    /** Which pin is for what, from a table as manuals print it. */
    readPins,
    /** The field's words and connectors that stand in a text. */
    wordsIn,
  }
}
/** What may be asked of the shelf, and of parts that come to it or leave it. */
function shelfQuestions({ store, shelf, incoming, outgoing, chunks, arrivals }: Desk) {
  return {
    groups: () => groupsOf(shelf),
    shelfRows: () => rowsOf(shelf),
    find: (query: Query) => found(shelf, query),
    ranges: (group: string) => rangesIn(shelf, group),
    part: (id: string) => shelf.part(id),
    sideBySide: (ids: readonly string[]) => compared(shelf, ids),
    pagesOf: async (id: string): Promise<Readonly<Record<string, string>>> => {
      const part = shelf.part(id)
      return part ? picturesBy(store.db, pagesOf(part)) : {}
    },
    /** What a small table has for one list of a part. */
    membersIn,
    canBePasted,
    /** A sheet read again, with what was corrected by hand before. */
    readAgain: (now: Pick<Entered, 'text' | 'forced' | 'answers'>, before: Entered) =>
      readAgain(shelf, now, before),
    /** One that came in, to be looked at. */
    arrival: (id: string) => arrivals.one(id),
    blank: (kind: PartKind) => blank(shelf, kind),
    fromCase: (numbers: CaseNumbers, maker: string, model: string) =>
      fromCase(shelf, numbers, maker, model),
    fromBoard: (outline: BoardOutline, maker: string, model: string) =>
      fromBoard(shelf, outline, maker, model),
    vary: (id: string) => varied(shelf, id),
    form: (kind: PartKind) => formOf(kind),
    checkPart: (part: unknown) => checkPart(part),
    /** A part that is being entered, with something taken for stated. */
    confirmed: (part: Readonly<Record<string, unknown>>, what: string) => confirmed(part, what),
    holdsWhat: (text: string) => holdsWhat(text),
    openParts: (text: string, name: string, progress: Progress) =>
      incoming.open(text, name, progress),
    guessColumns: (kind: PartKind) => incoming.guess(kind),
    previewParts: (plan: TablePlan, progress: Progress) => incoming.preview(plan, progress),
    cancelParts: () => {
      chunks.cancel()
    },
    closeParts: () => {
      incoming.close()
    },
    partsCsv: (ids: readonly string[], progress: Progress) => outgoing.csv(ids, progress),
    partsFile: (ids: readonly string[], progress: Progress) => outgoing.file(ids, progress),
  }
}
export type Questions = ReturnType<typeof questionsOf>

/** What the entry of a part by a few numbers asks for. */
const entryChoices = () => ({
  archetypes: Object.entries(ARCHETYPE).map(([value, { says }]) => ({ value, label: says })),
  forms: BOARD_FORMS,
  numbers: CASE_NUMBERS,
  choices: BOARD_CHOICES,
  readable: READABLE,
  kinds: PART_KINDS.map(kind => ({ kind, title: KINDS[kind].title })),
  memory: MEMORY_TYPES,
})

/** The sockets that its plug can be forced into, and what that does. */
const alikeTo = (face: string): Reference['connectors'][number]['alike'] =>
  MATINGS.filter(m => m.plug === face && m.verdict !== 'clear' && m.verdict !== 'watch').map(
    ({ socket, verdict, note }) => ({
      ...{ face: socket, verdict, note },
      ...{ name: CONNECTORS[socket].name, look: CONNECTORS[socket].look },
    }),
  )

const reference = (): Reference => ({
  connectors: Object.entries(CONNECTORS).map(
    ([face, { name, shape, key, carries, lookAlike, seat, source, look }]) => ({
      face,
      name,
      shape,
      key,
      carries,
      lookAlike,
      seat,
      source,
      look,
      alike: alikeTo(face),
    }),
  ),
  terms: GLOSSARY,
  pinJobs: PIN_JOBS.map(job => ({ job, says: pinName(job) })),
  rules: RULES.map(({ id, stage, question, source }) => ({ id, stage, question, source })),
})
