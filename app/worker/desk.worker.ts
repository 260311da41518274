// The worker: the desk behind Comlink, with the shipped shelf and demo.
import { expose } from 'comlink'
import type { Horizon } from '../../core/build/resolve'
import { KINDS, PART_KINDS, type PartKind } from '../../core/parts'
import { ARCHETYPE } from '../../core/parts/archetype'
import { BOARD_CHOICES, type BoardOutline } from '../../core/parts/board-outline'
import { CASE_NUMBERS } from '../../core/parts/case-outline'
import { READABLE } from '../../core/reader/read'
import { holdsWhat } from '../../core/exchange/file'
import { RULES } from '../../core/rules'
import type { Query } from '../../core/shelf/find'
import { BOARD_FORMS } from '../../core/standards/boards'
import { CONNECTORS } from '../../core/standards/connectors'
import { MEMORY_TYPES } from '../../core/standards/modules'
import { TERMS } from '../../core/standards/terms'
import { JunturaDb } from '../db/db'
import { Desk } from './desk'
import { csvText, drawingText, fileText, sheetText } from './exports'
import type { Progress, Shelf, TablePlan } from './shelf'
import { demos, shelf } from './shipped'

/** A field's name as words. */
const spaced = (key: string): string =>
  key.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)

const db = new JunturaDb()
const desk = new Desk({
  db,
  now: () => new Date().toISOString(),
  newId: () => crypto.randomUUID().slice(0, 8),
  demos,
  shelf,
})

/** What the program knows by itself, for the pages that explain: connectors and rules. */
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
  }[]
  readonly terms: readonly { readonly word: string; readonly says: string }[]
  readonly rules: readonly {
    readonly id: string
    readonly stage: string
    readonly asks: string
    readonly source: string
  }[]
}

const api = {
  open: (id: string | null) => desk.open(id),
  run: (build: string, ask: Parameters<Desk['run']>[1]) => desk.run(build, ask),
  create: (name: string) => desk.create(name),
  copy: (id: string, name: string) => desk.copy(id, name),
  remove: (id: string) => desk.remove(id),
  importText: (text: string, name: string) => desk.importText(text, name),
  attach: (build: string, about: string, name: string, picture: string) =>
    desk.attach(build, about, name, picture),
  pictures: (build: string) => desk.pictures(build),
  compare: (one: string, other: string, horizon: Horizon) => desk.compare(one, other, horizon),
  exportText: (ids: readonly string[]) => fileText(db, ids),
  exportCsv: (id: string) => csvText(db, id),
  exportSheet: (id: string, horizon: Horizon) => sheetText(db, id, horizon),
  exportDrawing: (id: string, horizon: Horizon) => drawingText(db, id, horizon),
  undo: () => desk.undo(),
  redo: () => desk.redo(),
  groups: () => desk.shelf.groups(),
  shelfRows: () => desk.shelf.rows(),
  find: (query: Query) => Int32Array.from(desk.shelf.find(query)),
  ranges: (group: string) => desk.shelf.ranges(group),
  part: (id: string) => desk.shelf.part(id),
  sideBySide: (ids: readonly string[]) => desk.shelf.compare(ids),
  readSheet: (text: string, kind: PartKind | null) => desk.shelf.read(text, kind),
  blank: (kind: PartKind) => desk.shelf.blank(kind),
  fromCase: (...asked: Parameters<Shelf['fromCase']>) => desk.shelf.fromCase(...asked),
  fromBoard: (outline: BoardOutline, maker: string, model: string) =>
    desk.shelf.fromBoard(outline, maker, model),
  vary: (id: string) => desk.shelf.vary(id),
  form: (kind: PartKind) => desk.shelf.form(kind),
  checkPart: (part: unknown) => desk.shelf.check(part),
  keepPart: (part: unknown) => desk.keepPart(part),
  dropParts: (ids: readonly string[]) => desk.dropParts(ids),
  holdsWhat: (text: string) => holdsWhat(text),
  openParts: (text: string, name: string, progress: Progress) =>
    desk.shelf.open(text, name, progress),
  guessColumns: (kind: PartKind) => desk.shelf.guess(kind),
  previewParts: (plan: TablePlan, progress: Progress) => desk.shelf.preview(plan, progress),
  importParts: (plan: TablePlan | null, progress: Progress) => desk.importParts(plan, progress),
  cancelParts: () => desk.shelf.cancel(),
  closeParts: () => desk.shelf.close(),
  partsCsv: (ids: readonly string[], progress: Progress) => desk.shelf.csv(ids, progress),
  partsFile: (ids: readonly string[], progress: Progress) => desk.shelf.file(ids, progress),
  addPage: (part: string, title: string, picture: string) => desk.addPage(part, title, picture),
  removePage: (part: string, page: string) => desk.removePage(part, page),
  pagesOf: (part: string) => desk.pagesOf(part),
  takeNewer: (build: string, items: readonly string[]) => desk.takeNewer(build, items),
  measurePart: (build: string, item: string, path: string, figure: unknown) =>
    desk.measurePart(build, item, path, figure),
  /** What the entry of a part by a few numbers asks for. */
  asks: () => ({
    archetypes: Object.entries(ARCHETYPE).map(([value, { says }]) => ({ value, label: says })),
    forms: BOARD_FORMS,
    numbers: CASE_NUMBERS,
    choices: BOARD_CHOICES,
    readable: READABLE,
    kinds: PART_KINDS.map(kind => ({ kind, title: KINDS[kind].title })),
    memory: MEMORY_TYPES,
  }),
  watch: (listener: Parameters<Desk['watch']>[0]) => desk.watch(listener),
  reference: (): Reference => ({
    connectors: Object.entries(CONNECTORS).map(
      ([face, { name, shape, key, carries, lookAlike, seat, source }]) => ({
        face,
        name,
        shape,
        key,
        carries,
        lookAlike,
        seat,
        source,
      }),
    ),
    terms: Object.entries(TERMS)
      .map(([key, says]) => ({ word: spaced(key), says }))
      .sort((a, b) => (a.word < b.word ? -1 : 1)),
    rules: RULES.map(({ id, stage, asks, source }) => ({ id, stage, asks, source })),
  }),
}
export type DeskApi = typeof api

expose(api)
