// The worker: the desk behind Comlink, with the shipped shelf and demo.
import { expose } from 'comlink'
import type { Horizon } from '../../core/build/resolve'
import { RULES } from '../../core/rules'
import { CONNECTORS } from '../../core/standards/connectors'
import { JunturaDb } from '../db/db'
import { Desk } from './desk'
import { csvText, drawingText, fileText, sheetText } from './exports'
import { demos, shelf } from './shipped'

const db = new JunturaDb()
const desk = new Desk({ db, now: () => new Date().toISOString(), newId: () => crypto.randomUUID().slice(0, 8), demos, shelf })

/** What the program knows by itself, for the pages that explain: connectors and rules. */
export interface Reference {
  readonly connectors: readonly { readonly face: string; readonly name: string; readonly shape: string; readonly key: string; readonly carries: string; readonly lookAlike: string | null; readonly seat: string; readonly source: string }[]
  readonly rules: readonly { readonly id: string; readonly stage: string; readonly asks: string; readonly source: string }[]
}

const api = {
  open: (id: string | null) => desk.open(id),
  run: (build: string, ask: Parameters<Desk['run']>[1]) => desk.run(build, ask),
  create: (name: string) => desk.create(name),
  copy: (id: string, name: string) => desk.copy(id, name),
  remove: (id: string) => desk.remove(id),
  importText: (text: string, name: string) => desk.importText(text, name),
  attach: (build: string, about: string, name: string, picture: string) => desk.attach(build, about, name, picture),
  pictures: (build: string) => desk.pictures(build),
  compare: (one: string, other: string, horizon: Horizon) => desk.compare(one, other, horizon),
  exportText: (ids: readonly string[]) => fileText(db, ids),
  exportCsv: (id: string) => csvText(db, id),
  exportSheet: (id: string, horizon: Horizon) => sheetText(db, id, horizon),
  exportDrawing: (id: string, horizon: Horizon) => drawingText(db, id, horizon),
  undo: () => desk.undo(),
  redo: () => desk.redo(),
  shelf: () => desk.shelf(),
  watch: (listener: Parameters<Desk['watch']>[0]) => desk.watch(listener),
  reference: (): Reference => ({
    connectors: Object.entries(CONNECTORS).map(([face, { name, shape, key, carries, lookAlike, seat, source }]) => ({ face, name, shape, key, carries, lookAlike, seat, source })),
    rules: RULES.map(({ id, stage, asks, source }) => ({ id, stage, asks, source })),
  }),
}
export type DeskApi = typeof api

expose(api)
