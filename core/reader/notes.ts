// What a reader of one kind writes down: fields by their path, each tied to the words it came from;
// what was never used stays unread.
import { groupBy } from '../collections/groups'
import type { Unit } from '../figures/units'
import { ROUNDED_INCHES } from './measures'
import type { Statement } from './statements'
import { onceTold, type Told } from './tally'

export type ReadValue = string | number | boolean | readonly string[]
export interface ReadField {
  readonly path: string
  readonly value: ReadValue
  readonly unit: Unit | null
  readonly basis: 'spec'
  readonly words: string
}
/** A value that is there, but may mean something else; or one that was said twice, otherwise. */
export interface DoubtfulField extends ReadField {
  readonly why: string
  /** Another value of a field that the sheet states already. */
  readonly isOther?: true
}

/** Whether two readings say the same: a length in one line both in inches and in millimetres does. */
const isSame = (a: ReadField, b: ReadField): boolean =>
  a.unit === 'mm' &&
  a.words === b.words &&
  typeof a.value === 'number' &&
  typeof b.value === 'number' &&
  /\binch|\bin\b|"|″/i.test(a.words)
    ? Math.abs(a.value - b.value) <= ROUNDED_INCHES
    : JSON.stringify(a.value) === JSON.stringify(b.value)

/** A value as it was found, or none. */
type Stated = ReadValue | null | undefined
interface Entry {
  readonly path: string
  readonly value: Stated
  readonly unit?: Unit | null
}
const isStated = (value: Stated): value is ReadValue =>
  value !== null && value !== undefined && (typeof value !== 'number' || Number.isFinite(value))

/** A doubt with the line that it came from. */
type Doubt = DoubtfulField & { readonly s: Statement }

/** How many were counted of one thing, with the words that count them. */
const inAll = (path: string, own: readonly Told[]): ReadField => ({
  path,
  value: own.reduce((sum, t) => sum + t.n, 0),
  unit: 'pcs',
  basis: 'spec',
  words: [...new Set(own.map(t => t.s.words))].join('; '),
})

export class Notes {
  private readonly kept = new Map<string, ReadField>()
  private readonly doubts: Doubt[] = []
  private readonly counted: Told[] = []
  private readonly used = new Set<Statement>()

  /** Keeps a value; the first one said stands, another one said later is told as doubtful. */
  put(s: Statement, path: string, value: Stated, unit: Unit | null = null): void {
    this.keep(s, { path, value, unit }, s.words)
  }

  /** Keeps a value that words elsewhere in the sheet say, such as a footnote's. */
  putFrom(words: string, s: Statement, path: string, value: Stated): void {
    this.keep(s, { path, value, unit: null }, words)
  }

  private keep(s: Statement, { path, value, unit = null }: Entry, words: string): void {
    if (!isStated(value)) return
    this.used.add(s)
    const tidy = typeof value === 'number' ? Math.round(value * 1000) / 1000 : value
    const field: ReadField = { path, value: tidy, unit, basis: 'spec', words }
    const known = this.kept.get(path)
    if (!known) this.kept.set(path, field)
    else if (!isSame(known, field))
      this.doubts.push({
        ...field,
        s,
        why: `the sheet also says ${String(known.value)}`,
        isOther: true,
      })
  }

  /** Keeps a value that may mean something else: it fills the form, marked with why. */
  doubt(s: Statement, { path, value, unit = null }: Entry, why: string): void {
    if (!isStated(value) || this.kept.has(path) || this.doubts.some(d => d.path === path)) return
    this.doubts.push({ path, value, unit, basis: 'spec', words: s.words, why, s })
  }

  /**
   * Adds to a count that several lines make up together: fans for the processor and for the case.
   * `phrase` is what of the line counts it: the same in another list of the sheet is the same thing,
   * unless it is null.
   */
  count(s: Statement, path: string, n: number, phrase: string | null = null): void {
    this.used.add(s)
    this.counted.push({ s, path, n, phrase })
    const { value = 0 } = this.kept.get(path) ?? {}
    const sum = typeof value === 'number' ? value + n : n
    this.kept.set(path, { path, value: sum, unit: 'pcs', basis: 'spec', words: s.words })
  }

  has(path: string): boolean {
    return this.kept.has(path)
  }
  value(path: string): ReadValue | undefined {
    return this.kept.get(path)?.value
  }
  /** A value that is kept, or one that is only likely. */
  likely(path: string): ReadValue | undefined {
    return this.value(path) ?? this.doubts.find(d => d.path === path)?.value
  }
  /**
   * Marks a statement as understood without a field: a heading's repetition, what belongs to no
   * joint.
   */
  use(s: Statement): void {
    this.used.add(s)
  }

  fields(): readonly ReadField[] {
    const counted = groupBy(onceTold(this.counted), t => t.path)
    return [...this.kept.values()].map(field => {
      const own = counted.get(field.path)
      return own ? inAll(field.path, own) : field
    })
  }
  doubtful(): readonly DoubtfulField[] {
    return this.standing().map(({ s: _, ...doubt }) => doubt)
  }
  /** A doubt falls where another line says its value for certain. */
  private standing(): readonly Doubt[] {
    return this.doubts.filter(d => !this.kept.has(d.path) || d.isOther)
  }
  wasRead(s: Statement): boolean {
    return this.used.has(s) || this.standing().some(d => d.s === s)
  }
}

/** Everything a statement says, its label first. */
export const whole = (s: Statement): string => (s.label === '' ? s.value : `${s.label}: ${s.value}`)
