// What can be asked of a build: every command's arguments as Zod schemas. The one union of commands
// is inferred from them.
import { z } from 'zod'
import { BUILD_ORDERS, WEIGHTS } from './build-orders'
import { partSchema } from '../parts'
import { CONDITIONS, fittedSchema, STATES } from '../parts/kind'
import { markSchema } from '../parts/mark'
import { PRACTICE_IDS } from '../standards/practices'
import { PIN_JOBS } from '../standards/panel'
import { PURPOSES, USES } from '../standards/purposes'
import { AIR_WAYS } from '../case/air'
import { TURNS } from '../geometry/turn'
import { SCHOOLS } from '../standards/supplies'
import { beyondLimit } from './limits'
import {
  ARRIVAL_CHECKS,
  buildSchema,
  itemSchema,
  leavingSchema,
  progressSchema,
  reasonSchema,
  storedFigure,
} from './build'

const id = z.string().min(1)
const ids = z.array(id).min(1).readonly()
/** How the person's words call what the command is about. */
const title = z.string().default('')
const entries = z.record(z.string(), progressSchema.nullable())
/** Progress and what leaves, as they stood before something was taken out. */
const asBefore = { entries: entries.optional(), leaving: z.array(leavingSchema).optional() }
const purchase = itemSchema.shape.purchase.unwrap().shape
const figure = { id, path: z.string(), figure: storedFigure.nullable() }
const done = {
  ids,
  title,
  by: z.string().optional(),
  took: z.number().nonnegative().optional(),
  how: z.string().optional(),
}
const because = { id, title, reason: z.string().trim().min(1, 'give a reason') }

const SINGLE = [
  // what is in it
  z.strictObject({
    do: z.literal('addItem'),
    item: itemSchema.partial({ id: true }),
    place: z.number().int().nonnegative().optional(),
    ...asBefore,
  }),
  z.strictObject({ do: z.literal('removeItem'), id }),
  z.strictObject({
    do: z.literal('swapPart'),
    id,
    part: partSchema,
    figures: itemSchema.shape.figures,
    marks: itemSchema.shape.marks,
    beyond: itemSchema.shape.beyond,
    cuts: itemSchema.shape.cuts,
    jumpers: itemSchema.shape.jumpers,
    out: itemSchema.shape.out,
    bare: itemSchema.shape.bare,
    fitted: itemSchema.shape.fitted,
    ...asBefore,
  }),
  z.strictObject({ do: z.literal('setState'), id, state: z.enum(STATES), ...asBefore }),
  z.strictObject({ do: z.literal('setCondition'), id, condition: z.enum(CONDITIONS) }),
  z.strictObject({ do: z.literal('setPaid'), id, paid: z.number().nonnegative().nullable() }),
  z.strictObject({
    do: z.literal('confirm'),
    id,
    what: z.string().min(1).describe('what of its part nobody had stated'),
    title: z.string().min(1),
  }),
  z.strictObject({
    do: z.literal('markEnd'),
    id,
    end: z.string().min(1).describe('a place of the item where something could be joined'),
    mark: markSchema.nullable(),
    title,
  }),
  z.strictObject({ do: z.literal('runBeyond'), id, figure: storedFigure.nullable() }),
  z.strictObject({
    do: z.literal('setJumper'),
    id,
    jumper: z.string().min(1).describe('its name on the part; of a drive `place`'),
    stands: z.string().nullable().describe('the pins it bridges; null: nobody looked'),
  }),
  z.strictObject({
    do: z.literal('mapPanel'),
    id,
    pins: z
      .array(
        z.strictObject({
          pin: z.number().int().min(1).max(99),
          row: z.number().int().min(0).max(9),
          col: z.number().int().min(0).max(49),
          does: z.enum(PIN_JOBS),
        }),
      )
      .min(1)
      .describe('every place of the front-panel block, as it is printed'),
  }),
  z.strictObject({
    do: z.literal('takePiece'),
    id,
    piece: z.string().min(1).describe('a piece of this case, by its key'),
    out: z.boolean(),
  }),
  z.strictObject({
    do: z.literal('turnPart'),
    id,
    turned: z.literal(TURNS).nullable().describe('quarter turns; null: as its sheet has it'),
  }),
  z.strictObject({
    do: z.literal('standCard'),
    id,
    upright: z.boolean().describe('whether this card stands upright, on a riser'),
  }),
  z.strictObject({
    do: z.literal('chooseAir'),
    id,
    place: z.string().min(1).describe('a fan place or radiator place of this case, by its key'),
    way: z.enum(AIR_WAYS).nullable().describe('null: as the place is meant'),
  }),
  z.strictObject({ do: z.literal('cut'), id, what: z.string().min(1), title }),
  z.strictObject({ do: z.literal('setCuts'), id, cuts: z.array(z.string()).readonly(), title }),
  z.strictObject({
    do: z.literal('setParts'),
    parts: z.record(z.string(), partSchema),
    title: z.string().min(1),
  }),
  z.strictObject({ do: z.literal('setFigure'), ...figure }),
  z.strictObject({ do: z.literal('setPartFigure'), ...figure }),
  // what is kept of a copy
  z.strictObject({ do: z.literal('setSerial'), id, serial: z.string().trim() }),
  z.strictObject({
    do: z.literal('setPurchase'),
    id,
    shop: purchase.shop.nullable(),
    from: purchase.from.nullable(),
    arrives: purchase.arrives.nullable(),
    returnBy: purchase.returnBy.nullable(),
  }),
  z.strictObject({
    do: z.literal('checkArrival'),
    id,
    check: z.enum(ARRIVAL_CHECKS),
    seen: z.boolean(),
  }),
  z.strictObject({
    do: z.literal('setChecked'),
    id,
    check: z.enum(ARRIVAL_CHECKS),
    when: z.string().nullable(),
  }),
  z.strictObject({ do: z.literal('leaveIncluded'), id, out: z.boolean() }),
  z.strictObject({
    do: z.literal('comeFitted'),
    id,
    fitted: fittedSchema,
  }),
  z.strictObject({
    do: z.literal('sendBack'),
    id,
    why: z.string().trim().min(1, 'say what is wrong with it'),
  }),
  z.strictObject({
    do: z.literal('putPurchase'),
    id,
    state: z.enum(STATES),
    purchase: itemSchema.shape.purchase.unwrap().nullable(),
    ...asBefore,
  }),
  z.strictObject({ do: z.literal('attach'), photo: buildSchema.shape.photos.unwrap().element }),
  z.strictObject({ do: z.literal('detach'), id }),
  z.strictObject({
    do: z.literal('putPhoto'),
    photo: buildSchema.shape.photos.unwrap().element,
    place: z.number().int().nonnegative(),
  }),
  // the work
  z.strictObject({ do: z.literal('make'), ...done }),
  z.strictObject({
    do: z.literal('prove'),
    ...done,
    asMade: z.literal(true).optional().describe('when, by whom and how it was made stays as it is'),
  }),
  z.strictObject({ do: z.literal('crossOff'), ...done }),
  z.strictObject({ do: z.literal('unprove'), ids, title }),
  z.strictObject({ do: z.literal('setProgress'), entries, title }),
  // what was decided
  z.strictObject({ do: z.literal('accept'), ...because }),
  z.strictObject({ do: z.literal('unaccept'), id, title }),
  z.strictObject({ do: z.literal('leaveOpen'), ...because }),
  z.strictObject({ do: z.literal('askAgain'), id, title }),
  z.strictObject({
    do: z.literal('setReason'),
    book: z.enum(['accepted', 'leftOpen']),
    id,
    entry: reasonSchema.nullable(),
    title,
  }),
  z.strictObject({ do: z.literal('note'), note: z.string() }),
  z.strictObject({
    do: z.literal('rename'),
    name: z.string().trim().min(1, 'a build needs a name'),
  }),
  z.strictObject({ do: z.literal('setBudget'), budget: z.number().nonnegative().nullable() }),
  z.strictObject({
    do: z.literal('chooseSystem'),
    id: id.nullable().describe('the drive that the system starts from'),
    title,
  }),
  z.strictObject({ do: z.literal('choosePurpose'), purpose: z.enum(PURPOSES).nullable() }),
  z.strictObject({
    do: z.literal('want'),
    use: z.enum(USES),
    wanted: z.boolean().nullable().describe('null: as the purpose says'),
  }),
  z.strictObject({ do: z.literal('chooseRuns'), runs: z.string().trim().nullable() }),
  z.strictObject({
    do: z.literal('choosePractice'),
    practice: z.enum(PRACTICE_IDS),
    option: z.string().nullable(),
  }),
  z.strictObject({ do: z.literal('chooseSchool'), school: z.enum(SCHOOLS) }),
  z.strictObject({ do: z.literal('chooseOrder'), school: z.enum(BUILD_ORDERS) }),
  z.strictObject({
    do: z.literal('weighOrder'),
    weight: z.enum(WEIGHTS),
    minutes: z.number().nullable(),
  }),
  z.strictObject({
    do: z.literal('pinJoint'),
    plug: z.string(),
    socket: z.string().nullable(),
    title,
  }),
  z.strictObject({
    do: z.literal('setJoining'),
    pins: z.record(z.string(), z.string().nullable()),
    entries,
    leaving: asBefore.leaving,
    title,
  }),
  z.strictObject({
    do: z.literal('pinOrder'),
    before: id,
    after: id,
    off: z.boolean().default(false),
    title,
  }),
  z.strictObject({
    do: z.literal('setOrderPins'),
    pins: buildSchema.shape.choices.unwrap().shape.orderPins.unwrap().readonly(),
    title,
  }),
] as const

const single = z.discriminatedUnion('do', SINGLE)
/** Several as one: all of it is done, or nothing. */
const together = z.strictObject({
  do: z.literal('together'),
  commands: z.array(single).min(1).readonly(),
  title: z.string().min(1),
})

export const askSchema = z.discriminatedUnion('do', [...SINGLE, together])

/** A command as a person's act asks for it, what may be left out left out. */
export type Command = z.input<typeof askSchema>
export type SingleCommand = z.input<typeof single>
/** A command's arguments once they are read. */
export type Args<N extends Command['do'] = Command['do']> = Extract<
  z.output<typeof askSchema>,
  { readonly do: N }
>

/** The names of all commands. */
export const COMMAND_NAMES: readonly Command['do'][] = askSchema.options.map(o => o.shape.do.value)

/** Named choice: so much of an unknown name is told. */
const LONGEST_NAME = 60
function nameOf(raw: unknown): string {
  const name = typeof raw === 'object' && raw !== null && 'do' in raw ? raw.do : raw
  return typeof name === 'string' ? name : JSON.stringify(name ?? '')
}

/** A command read from what was sent or stored, or one sentence why it is none. */
export function readCommand(raw: unknown): Args | { readonly problem: string } {
  const name = nameOf(raw)
  if (!COMMAND_NAMES.some(known => known === name))
    return {
      problem:
        `This version knows no command "${name.slice(0, LONGEST_NAME)}". ` +
        'Update Juntura, or leave the step out.',
    }
  const beyond = beyondLimit(raw)
  if (beyond)
    return {
      problem: `"${name}" cannot be done: ${beyond.path.join(' › ')}: ${beyond.says}. Make it shorter.`,
    }
  const read = askSchema.safeParse(raw)
  if (read.success) return read.data
  const why = z.prettifyError(read.error).replace(/\s+/g, ' ')
  return { problem: `"${name}" cannot be done: ${why}` }
}
