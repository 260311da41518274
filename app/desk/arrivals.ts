// What came in for a build and is not on the shelf yet: sheets that were pasted, parts of a table, each
// with what a hand corrected of it. It lies in the store, so that nothing is lost with the page.
import { groupBy } from '../../core/collections/groups'
import { counted } from '../../core/figures/format'
import type { SingleCommand } from '../../core/document/command-schema'
import { isProblem, type Problem } from '../../core/document/command'
import type { Draft } from '../../core/document/draft'
import { VERSION } from '../../core/document/file'
import { carriedPart, openNewPart } from '../../core/document/open'
import { KINDS, type Part } from '../../core/parts'
import type { State } from '../../core/parts/kind'
import { includedWith, nameBeside, type Included } from '../../core/parts/included'
import { checkPart } from '../../core/shelf/check'
import { partsOfMarkdown } from '../../core/exchange/sheet-markdown'
import { LIST_POINT } from '../../core/reader/called'
import { sheetsIn } from '../../core/reader/paste/sheets-in'
import { namedAmong } from '../../core/reader/paste/shelf-names'
import { copySaid } from '../../core/reader/paste/copy-said'
import { timesIn } from '../../core/reader/times'
import { outcome, type ArrivalChange, type ArrivalLine, type Outcome } from './acts'
import type { ShelfChange } from './db'
import type { Edits } from './edits'
import { LONGEST_SHEET } from './limits'
import type { CountedPart } from './shelf/incoming-parts'
import { readAgain, type ReadDraft } from './shelf/drafts'
import type { Shelf } from './shelf/shelf'
import type { Clock, Store } from './store'

/** Named choices: how many of one part come in at once; how many sheets of one paste. */
const MOST_OF_ONE = 99
const MOST_SHEETS = 60

/** One that came in: its row, how it was read, where it has a sheet, and the part as it stands. */
export interface ArrivalSeen {
  readonly row: Draft
  readonly read: ReadDraft | null
  readonly part: unknown
}
interface Maker extends Clock {
  readonly newId: () => string
}
/** What is said of a row where it comes in. */
type NewRow = Pick<Draft, 'build' | 'text' | 'part' | 'count' | 'copies'>
/** A row with what was read of it: looked up as long as the row is the same. */
interface Seen {
  readonly of: string
  readonly line: ArrivalLine
}

export class Arrivals {
  private readonly seen = new Map<string, Seen>()

  constructor(
    private readonly store: Store,
    private readonly shelf: Shelf,
    private readonly edits: Edits,
    private readonly maker: Maker,
  ) {}

  /** Takes a text apart into sheets, and lays each out. */
  async bringIn(build: string, text: string): Promise<Outcome | Problem> {
    if (text.length > MOST_SHEETS * LONGEST_SHEET)
      return {
        problem: `This is longer than ${MOST_SHEETS} sheets. Paste their specifications only; nothing was changed.`,
      }
    const named = namedAmong(this.shelf.all())
    const known = { makers: this.shelf.makers(), isName: (line: string) => named(line) !== null }
    const sheets = sheetsIn(partsOfMarkdown(text) ?? text, known)
    if (sheets.length === 0)
      return { problem: 'Nothing came in: paste the words of a sheet, or a table of parts.' }
    if (sheets.length > MOST_SHEETS)
      return {
        problem: `These are ${sheets.length} sheets; at most ${MOST_SHEETS} come in at once. Paste them in parts.`,
      }
    const long = sheets.find(s => s.length > LONGEST_SHEET)
    if (long)
      return {
        problem:
          `“${long.slice(0, 40)}…” is too long for a sheet (${long.length} characters; at most ` +
          `${LONGEST_SHEET}). Paste its specifications only.`,
      }
    await this.add(sheets.map(sheet => this.rowOf(build, sheet, named(sheet))))
    return outcome(build)
  }

  /** A sheet as a row; where it says no more than a name that the shelf has, the shelf's part. */
  private rowOf(build: string, text: string, id: string | null): NewRow {
    const part = id === null ? null : this.shelf.part(id)
    const times = timesIn(text)
    if (part === null) return { build, text, part, count: times ?? 0 }
    const count = times ?? part.pack ?? 1
    const copy = copySaid(text)
    const copies = copy ? { copies: Array.from({ length: count }, () => copy) } : {}
    return { build, text: '', part, count, ...copies }
  }

  /** Parts of a file or a table, laid out beside the sheets. */
  async bringParts(build: string, parts: readonly CountedPart[]): Promise<Outcome | Problem> {
    if (parts.length === 0) return { problem: 'It holds no part. Nothing was changed.' }
    await this.add(parts.map(counted => ({ build, text: '', ...counted })))
    return outcome(build)
  }

  private async add(rows: readonly NewRow[]): Promise<void> {
    await this.store.db.arrivals.bulkAdd(
      rows.map((row, place) => ({
        ...{ ...row, place },
        ...{ id: this.maker.newId(), at: this.maker.now(), forced: null, version: VERSION },
      })),
    )
  }

  /** Keeps what was changed of one; one that is being entered by hand begins so. */
  async change(build: string, id: string, change: ArrivalChange): Promise<Outcome> {
    const { arrivals } = this.store.db
    const known = await arrivals.get(id)
    const row = (known && ofNow(known)) ?? {
      ...{ id, build, at: this.maker.now(), place: 0 },
      ...{ text: '', forced: null, part: null, count: 0 },
    }
    const said = change.count === undefined ? row.count : Math.max(1, Math.round(change.count))
    const count = Math.min(said, MOST_OF_ONE)
    await arrivals.put({ ...row, ...change, count, version: VERSION })
    return outcome(build)
  }

  async drop(build: string, ids: readonly string[]): Promise<Outcome> {
    await this.store.db.arrivals.bulkDelete([...ids])
    return outcome(build)
  }

  /** Puts what is whole on the shelf and into the build, as one step; the rest stays here. */
  async take(build: string, ids: readonly string[], state: State): Promise<Outcome | Problem> {
    const rows = (await this.rows(build)).filter(row => ids.includes(row.id))
    const taken: { readonly row: Draft; readonly part: Part }[] = []
    const names = new Set<string>()
    for (const row of rows) {
      const part = this.wholeOf(row)
      if (!part) continue
      const own = this.named(part, names)
      names.add(own.id)
      taken.push({ row, part: own })
    }
    if (taken.length === 0)
      return { problem: 'None of these is whole yet: look at what is marked in each.' }
    const commands = taken.flatMap(({ row, part }) => comingIn(row, part, state))
    const shelf = taken
      .map(({ part }): ShelfChange => ({
        id: part.id,
        before: this.shelf.part(part.id),
        after: part,
      }))
      .filter(c => JSON.stringify(c.before) !== JSON.stringify(c.after))
    const title = `Added ${counted(commands.length, 'part')} that came in`
    const drafts = taken.map(t => t.row)
    return this.edits.run(build, { do: 'together', commands, title }, { shelf, drafts })
  }

  /** The part of a row where nothing keeps it off the shelf. */
  private wholeOf(row: Draft): Part | null {
    const { part, problems } = checkPart(this.standing(row).part)
    if (!part || problems.length > 0) return null
    const opened = openNewPart(part, VERSION)
    return isProblem(opened) ? null : opened
  }

  /** With an id of its own; one that is on the shelf already as it is keeps that one’s. */
  private named(part: Part, taken: ReadonlySet<string>): Part {
    const known = this.shelf.part(part.id)
    if (known && JSON.stringify(known) === JSON.stringify(part)) return part
    return { ...part, id: this.shelf.freshId(`${part.maker} ${part.model}`, taken) }
  }

  /**
   * A row as it stands: its sheet read, with what a hand corrected of a part of that kind; where it
   * has no sheet, or where none can be read, the part itself.
   */
  private standing(row: Draft): { readonly read: ReadDraft | null; readonly part: unknown } {
    const read = row.text === '' ? null : readAgain(this.shelf, row, row)
    return { read, part: read?.draft?.part ?? row.part }
  }

  private async rows(build: string): Promise<readonly Draft[]> {
    const rows = await this.store.db.arrivals.where('build').equals(build).toArray()
    return rows.map(ofNow).sort((a, b) => a.at.localeCompare(b.at) || a.place - b.place)
  }

  /** What came in for a build, in the order in which it did. */
  async lines(build: string): Promise<readonly ArrivalLine[]> {
    return (await this.rows(build)).map(row => this.lineOf(row))
  }

  private lineOf(row: Draft): ArrivalLine {
    // A maker that the shelf knows since reads a title otherwise.
    const of = JSON.stringify([row, this.shelf.makers().length])
    const known = this.seen.get(row.id)
    if (known?.of === of) return known.line
    const line = this.lookAt(row)
    this.seen.set(row.id, { of, line })
    return line
  }

  private lookAt(row: Draft): ArrivalLine {
    const { read, part: whole } = this.standing(row)
    const part = whole as Partial<Part> | null
    const kind = part?.kind ?? read?.kind ?? null
    return {
      ...{ id: row.id, kind, count: countOf(row, part) },
      name: nameOf(part) || firstWordsOf(row.text),
      title: kind ? KINDS[kind].title : 'not recognised',
      read: read && {
        values: fieldsOf(read.read.filter(l => l.answer !== 'wrong')),
        doubtful: fieldsOf(read.read.filter(l => l.why !== null)),
        unread: read.unread.length,
      },
      ...problemOf(part),
      comesWith: namesAll(row) ? [] : includedWith(part ?? {}, 1).map(i => calledBeside(i, part)),
      bare: row.bare === true,
      asListed: asListed(row),
      parts: countOf(row, part) + comingWith(row, part).length,
    }
  }

  /** One of them, to be looked at and changed; null where it is gone. */
  async one(id: string): Promise<ArrivalSeen | null> {
    const known = await this.store.db.arrivals.get(id)
    if (!known) return null
    const row = ofNow(known)
    return { row, ...this.standing(row) }
  }
}

/** The first version that may stand beside a draft; rows without one are not newer. */
const FIRST_SAID = 10
/** A draft with its part as the present version has it. */
const ofNow = (row: Draft): Draft =>
  row.part === null ? row : { ...row, part: carriedPart(row.part, row.version ?? FIRST_SAID) }

/** How many there are: as somebody said, else as many as are in its pack. */
const countOf = ({ count }: Draft, part: Partial<Part> | null): number =>
  count > 0 ? count : (part?.pack ?? 1)

/** A list that tells the state of each copy names what came with them itself. */
const namesAll = ({ copies = [] }: Draft): boolean => copies.some(c => c.state !== undefined)

/** What comes with all of them, one by one; nothing where that is left out, or in its list itself. */
const comingWith = (row: Draft, part: Partial<Part> | null): readonly Coming[] =>
  row.bare || namesAll(row)
    ? []
    : includedWith(part ?? {}, countOf(row, part)).flatMap(({ count, part: own, fitted }) =>
        Array.from({ length: count }, () => ({ part: own, fitted })),
      )
type Coming = Pick<Included, 'part' | 'fitted'>

function comingIn(row: Draft, part: Part, state: State): readonly SingleCommand[] {
  const add = (own: Part, more: object = {}) => ({
    ...{ do: 'addItem' as const, item: { part: own, state, ...more } },
  })
  const own = add(part, row.bare ? { bare: true } : {})
  const others = comingWith(row, part).map(c => add(c.part, c.fitted ? { fitted: c.fitted } : {}))
  const copies = row.copies ?? []
  const each = (i: number): SingleCommand =>
    copies[i] ? add(part, { ...copies[i], ...(row.bare ? { bare: true } : {}) }) : own
  return [...Array.from({ length: countOf(row, part) }, (_, i) => each(i)), ...others]
}

/** How many of its copies are in which state by their list. */
const asListed = ({ copies = [] }: Draft): string =>
  [...groupBy(copies, c => c.state ?? null)]
    .filter(([state]) => state !== null)
    .map(([state, alike]) => `${alike.length} ${state}`)
    .join(', ')

/** Of how many fields these lines are: the sheet may say two values of one. */
const fieldsOf = (lines: ReadDraft['read']): number => new Set(lines.map(l => l.path)).size

/** What comes with a part, as it is called beside it: once its own name is enough. */
function calledBeside({ count, part }: Included, holder: Partial<Part> | null): string {
  const name = nameBeside(part, holder?.model ?? '')
  return count === 1 ? name : `${count} × ${name}`
}

const nameOf = (part: Partial<Part> | null): string =>
  [part?.maker, part?.model].filter(Boolean).join(' ')

/** Named choice: so many characters tell which of several sheets it is. */
const FIRST_WORDS = 60
/** How a sheet begins whose part has no name yet, without the point of a list. */
function firstWordsOf(text: string): string {
  const first = (text.trim().split('\n')[0] ?? '').replace(LIST_POINT, '')
  return first.length > FIRST_WORDS ? `${first.slice(0, FIRST_WORDS)}…` : first
}

/** What keeps a part off the shelf, and how much that it joins by is not known. */
function problemOf(part: Partial<Part> | null): Pick<ArrivalLine, 'problem' | 'open'> {
  if (!part) return { problem: 'What kind of part is it? Choose it here.', open: 0 }
  const { problems, open } = checkPart(part)
  return { problem: problems[0]?.sentence ?? null, open: open.length }
}
