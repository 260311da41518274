// Freezes the present version of the format: `npm run freeze` writes an example of everything under
// saved/, once. A folder that is there is left alone.
import 'fake-indexeddb/auto'
import { existsSync, mkdirSync, writeFileSync } from 'node:fs'
import type { Act, DeskState } from '../app/desk/acts'
import { JunturaDb } from '../app/desk/db'
import { Desk } from '../app/desk/desk'
import { questionsOf } from '../app/desk/questions'
import type { Command } from '../core/document/command-schema'
import { isProblem } from '../core/document/command'
import { VERSION } from '../core/document/file'
import type { Part } from '../core/parts'
import { contentOf, shippedParts } from './documents'
import { frozenSchema } from './frozen-schema'

const PICTURE =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42m' +
  'NkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg=='
const db = new JunturaDb('juntura')
const folder = `saved/version-${VERSION}/store-${db.verno}`
if (existsSync(folder)) {
  console.error(
    `${folder} is there: this version is frozen. A change of the format begins the next ` +
      'version (core/document/file.ts), one of the store its own (app/desk/db.ts).',
  )
  process.exit(1)
}

let tick = 0
let id = 0
const shelf = shippedParts()
const desk = new Desk({
  db,
  now: () => new Date(Date.UTC(2031, 2, 2, 9, 0, (tick += 7))).toISOString(),
  newId: () => `id-${(id += 1)}`,
  demos: ['plover', 'avocet'].flatMap(name =>
    contentOf(`demo/${name}.juntura.json`).builds.map(({ build }) => build),
  ),
  shelf,
})
const asks = questionsOf(desk)

async function send(act: Act): Promise<DeskState> {
  const answer = await desk.send(act)
  if (isProblem(answer)) throw new Error(answer.problem)
  return answer.state
}
const run = (build: string, command: Command): Promise<DeskState> =>
  send({ act: 'run', build, command })
const open = async (build: string | null): Promise<DeskState> => {
  const answer = await desk.open(build)
  if (isProblem(answer)) throw new Error(answer.problem)
  return answer.state
}

/**
 * A little of everything that a person does, on both demos, on builds of their own, on the shelf.
 */
async function work(): Promise<void> {
  await workOnPlover()
  await decideOnAvocet()
  await declareOnAvocet()
  await takeOutOfAvocet()
  await makeAndDelete()
  await changeTheShelf()
  await bringIn()
  await buyForPlover()
}

async function workOnPlover(): Promise<void> {
  const plan = (await open('plover')).analysis?.horizons.then
  const [first, second, third] = plan?.order.steps ?? []
  if (!first || !second || !third) throw new Error('Plover has no steps')
  await run('plover', { do: 'note', note: 'The lid of the hide leaks: keep the case dry.' })
  await run('plover', { do: 'setState', id: 'supply', state: 'have' })
  await run('plover', { do: 'setCondition', id: 'memory', condition: 'unknown' })
  await run('plover', { do: 'setPaid', id: 'supply', paid: 51.5 })
  const figure = { mm: 76.5, basis: 'measured' as const, tol: 0.5, on: '2031-03-02' }
  await run('plover', { do: 'setFigure', id: 'case', path: 'coolerRoom', figure })
  await run('plover', { do: 'make', ids: first.marks, title: first.title, took: 540, by: 'Warden' })
  await run('plover', { do: 'make', ids: second.marks, title: second.title, took: 240 })
  await run('plover', { do: 'prove', ids: second.marks, title: 'proved by eye' })
  await run('plover', { do: 'crossOff', ids: third.marks, title: third.title, how: 'at the shop' })
  await run('plover', { do: 'accept', id: 'f', title: 'looked at', reason: 'measured here' })
  await run('plover', { do: 'chooseSchool', school: 'roomy' })
  await run('plover', { do: 'chooseOrder', school: 'supply-first' })
  await run('plover', { do: 'setSerial', id: 'board', serial: 'IN2-0031' })
  await run('plover', { do: 'setPurchase', id: 'supply', shop: 'The corner shop', from: 48 })
  await run('plover', { do: 'checkArrival', id: 'supply', check: 'damage', seen: true })
  await send({
    act: 'attach',
    build: 'plover',
    about: 'board',
    name: 'As it came',
    picture: PICTURE,
  })
  await run('plover', { do: 'rename', name: 'Plover in the hide' })
  await send({ act: 'undo', of: 'plover' })
}

async function decideOnAvocet(): Promise<void> {
  const open0 = (await open('avocet')).analysis?.horizons.then.findings.find(f => f.demand !== null)
  await run('avocet', {
    do: 'leaveOpen',
    id: open0?.demand ?? '',
    title: open0?.sentence ?? '',
    reason: 'next spring',
  })
  await run('avocet', {
    do: 'pinJoint',
    plug: 'fan-1/lead',
    socket: 'board/fan-1',
    title: 'as it lies',
  })
  await run('avocet', {
    do: 'together',
    commands: [
      { do: 'setState', id: 'strip-12', state: 'spare' },
      { do: 'note', note: 'without the strip' },
    ],
    title: 'Leave the strip out',
  })
}

/** What is marked, declared, cut and lent. */
async function declareOnAvocet(): Promise<void> {
  const mark = { as: 'broken' as const, why: 'bent pin' }
  await run('avocet', { do: 'markEnd', id: 'board', end: 'usb2-1', mark, title: 'USB2_A' })
  await run('avocet', { do: 'runBeyond', id: 'processor', figure: 180 })
  await run('avocet', { do: 'choosePurpose', purpose: 'sound' })
  await run('avocet', { do: 'want', use: 'lights', wanted: true })
  await run('avocet', { do: 'chooseRuns', runs: 'Heron 4' })
  await run('avocet', { do: 'choosePractice', practice: 'pump', option: 'processor' })
  await run('avocet', { do: 'cut', id: 'board', what: 'slots.1.open', title: 'filed open' })
  await run('avocet', { do: 'setState', id: 'capture', state: 'lent' })
}

/** What was in the machine and leaves it, and what counts in the order. */
async function takeOutOfAvocet(): Promise<void> {
  const ids = ['fan-5/lead~fan-hub/out-5', 'memory/module-1~board/memory-A2']
  await run('avocet', { do: 'make', ids, title: 'as it stood' })
  await run('avocet', { do: 'setState', id: 'memory', state: 'spare' })
  await run('avocet', { do: 'removeItem', id: 'fan-5' })
  await run('avocet', { do: 'chooseOrder', school: 'milestones' })
  await run('avocet', { do: 'weighOrder', weight: 'turn', minutes: 4 })
  await run('avocet', { do: 'choosePractice', practice: 'static', option: 'strap' })
}

async function makeAndDelete(): Promise<void> {
  const made = (await send({ act: 'create', name: 'Snipe' })).build?.id ?? ''
  const pc = shelf.find(p => p.kind === 'case')
  if (pc) await run(made, { do: 'addItem', item: { part: pc } })
  const copy = (await send({ act: 'copy', build: 'plover', name: 'Ruff' })).build?.id ?? ''
  await run(copy, { do: 'setState', id: 'supply', state: 'wanted' })
  await send({ act: 'delete', build: copy })
}

async function changeTheShelf(): Promise<void> {
  const fan = {
    kind: 'fan',
    id: 'mine',
    maker: 'Kelder',
    model: 'Mine',
    size: '120',
    face: 'fan-4',
  }
  await send({ act: 'keepPart', part: fan })
  await send({ act: 'addPage', part: 'mine', title: 'Its box', picture: PICTURE })
  const breeze = shelf.find(p => p.id === 'ottery-breeze-120')
  await send({ act: 'keepPart', part: { ...breeze, amps: 0.5 } })
  const height = { mm: 64.5, basis: 'measured' as const, tol: 0.5, on: '2031-03-02' }
  await send({
    act: 'measurePart',
    build: 'plover',
    item: 'cooler',
    path: 'height',
    figure: height,
  })
}

/** A budget, a copy that goes back, data of one copy, what comes with a part, lights with a lead. */
async function buyForPlover(): Promise<void> {
  const breeze = shelf.find(p => p.id === 'ottery-breeze-120')
  if (breeze?.kind !== 'fan') throw new Error('no such fan on the shelf')
  const controller = { kind: 'hub', id: 'glow-hub', model: 'Glow hub', serves: 'lights' }
  const glow: Part = {
    ...{ ...breeze, id: 'glow-120', model: 'Glow 120', pack: 3 },
    lights: { face: 'light-5', lights: 12, amps: 0.5, lead: 400, onward: true },
    includes: [{ count: 1, part: controller }],
  }
  await run('plover', { do: 'setBudget', budget: 900 })
  await run('plover', { do: 'sendBack', id: 'supply', why: 'a bent corner' })
  await run('plover', { do: 'addItem', item: { id: 'glow', part: glow, state: 'wanted' } })
  await send({ act: 'addIncluded', build: 'plover', items: ['glow'] })
  await run('plover', { do: 'leaveIncluded', id: 'glow', out: true })
  const part = { ...glow, price: 41 }
  await send({ act: 'mendPart', build: 'plover', item: 'glow', part, where: 'copy' })
}

/** What came in and waits: a sheet as it was read, and one that a hand corrected. */
async function bringIn(): Promise<void> {
  const fan = 'Kelder Breeze 120 S case fan\nSize: 120 x 120 x 25 mm\nConnector: 4-pin PWM'
  const kit = 'Dunlin Shoal DDR5 memory kit\nCapacity: 32 GB (2 x 16 GB)\nHeight: 38 mm'
  const came = await send({
    ...{ act: 'bringIn', build: 'plover', name: 'Sheets', text: `${fan}\n\n${kit}` },
  })
  const [, second] = came.arrivals
  if (!second) throw new Error('the sheets did not come in')
  const read = await asks.arrival(second.id)
  const part = { ...(read?.part as object), height: { mm: 39, basis: 'measured' } }
  const answers = [{ path: 'height', value: 38, says: 'right' as const }]
  const change = { count: 2, part, answers, bare: true }
  await send({ act: 'changeArrival', build: 'plover', arrival: second.id, change })
  const list = [
    'kind,maker,model,state,condition,price,paid,currency,serial,note',
    'Fan,Ottery,Breeze 120,have,new,,9.5,EUR,OB-1,from the hide',
    'Fan,Ottery,Breeze 120,ordered,new,,,EUR,,',
  ]
  await send({ act: 'bringIn', build: 'plover', name: 'A list', text: list.join('\n') })
}

/** All rows of the store, and how its tables were made. */
async function storeText(): Promise<string> {
  const tables: Record<string, unknown> = {}
  for (const table of db.tables) {
    const { primKey, indexes } = table.schema
    tables[table.name] = {
      keyPath: primKey.keyPath,
      autoIncrement: primKey.auto ?? false,
      indexes: indexes.map(({ name, keyPath, unique, multi }) => ({
        name,
        keyPath,
        unique: unique ?? false,
        multiEntry: multi ?? false,
      })),
      rows: await table.toArray(),
    }
  }
  return `${JSON.stringify({ name: db.name, version: db.verno * 10, tables }, null, 1)}\n`
}

await work()
const texts = {
  [`${folder}/store.json`]: await storeText(),
  [`${folder}/builds.juntura.json`]: await asks.everything(),
  [`${folder}/parts.juntura.json`]:
    (await asks.partsFile(['mine', 'ottery-breeze-120'], () => undefined)) ?? '',
  [`saved/version-${VERSION}/schema.json`]: frozenSchema(),
}
mkdirSync(folder, { recursive: true })
for (const [path, text] of Object.entries(texts)) writeFileSync(path, text)
console.log(`Froze version ${VERSION}: ${Object.keys(texts).join(', ')}`)
