// The best sequence by a search over sets: what a step costs next depends only on what is done, on how
// the work lies, on the tool in hand, on whether anything was started yet and how much was joined
// since. States are opened the
// most promising first; each takes at once what costs nothing, for no sequence is better that waits
// with it.
//
// Exact where it ends before its limit. Where it does not, the least that any open state can still
// come to is a bound that no sequence undercuts.
import TinyQueue from 'tinyqueue'
import { at } from '../collections/at'
import { Ahead } from './ahead'
import type { Puzzle, Standing } from './puzzle'

export interface Found {
  readonly order: readonly number[]
  readonly cost: number
  /** No sequence costs less; the cost itself where it is the best. */
  readonly bound: number
  /** How many states were opened. */
  readonly states: number
}

interface State extends Standing {
  /** How many steps each step still waits for. */
  readonly waits: Uint8Array
  readonly count: number
  /** What it cost to come here, and at least costs to come to the end. */
  readonly cost: number
  readonly least: number
  readonly path: Path | null
}
/** A state that is being made. */
type Going = { -readonly [K in keyof State]: State[K] }
interface Path {
  readonly step: number
  readonly before: Path | null
}

/** What is less is no gain but rounding, minutes. */
export const HAIR = 1e-9

/**
 * The best sequence, or the best that is found while `limit` states are opened; `known` is one that
 * is there already. Throws RangeError when what must come first goes around in a circle.
 */
export const searched = (puzzle: Puzzle, limit: number, known?: readonly number[]): Found =>
  new SetSearch(puzzle).run(limit, known)

class SetSearch {
  private readonly n: number
  private readonly ahead: Ahead
  /** The steps that wait for each. */
  private readonly next: readonly (readonly number[])[]
  /** The first by number that a step done may make free. */
  private readonly again: readonly number[]
  private readonly cheapest = new Map<string, number>()

  constructor(private readonly p: Puzzle) {
    this.n = p.minutes.length
    this.next = reversed(p.musts)
    this.ahead = new Ahead(p, this.next)
    this.again = this.next.map((after, i) =>
      Math.min(
        i + 1,
        ...after,
        ...p.wishes.flatMap((own, j) => (own.some(w => w.before === i) ? [j] : [])),
      ),
    )
  }

  run(limit: number, known?: readonly number[]): Found {
    const begin = this.goneOn(this.begin())
    let best = this.dive(begin)
    const given = known ? this.told(known) : best
    if (given.cost < best.cost - HAIR) best = given
    const open = new TinyQueue<State>([begin], byLeast)
    let states = 0
    for (let state = open.pop(); state !== undefined; state = open.pop()) {
      if (state.least >= best.cost - HAIR) break
      if (states === limit) return found(best, state.least, states)
      if (this.isOld(state)) continue
      states += 1
      for (const step of this.free(state)) {
        if (this.leastWith(state, step) >= best.cost - HAIR) continue
        const next = this.goneOn(state, step)
        if (next.least >= best.cost - HAIR) continue
        if (next.count === this.n) best = next
        else if (this.isNew(next)) open.push(next)
      }
    }
    return found(best, best.cost, states)
  }

  private begin(): State {
    const { start, isProved, musts } = this.p
    const waits = Uint8Array.from(musts, m => m.length)
    const state = { done: new Uint8Array(this.n), ...start, isProved }
    return { ...state, waits, count: 0, cost: 0, least: 0, path: null }
  }

  /** A whole sequence, step by step. */
  private told(order: readonly number[]): State {
    const state: Going = this.begin()
    for (const step of order) this.put(state, step)
    return state
  }

  /** One way to the end: always the step that promises most. */
  private dive(from: State): State {
    let state = from
    while (state.count < this.n) {
      const [first, ...others] = this.free(state).map(i => this.goneOn(state, i))
      if (!first) throw new RangeError('What must come first goes around in a circle')
      state = others.reduce((a, b) => (b.least < a.least - HAIR ? b : a), first)
    }
    return state
  }

  /** The steps that wait for nothing. */
  private free({ done, waits }: State): readonly number[] {
    const steps: number[] = []
    for (let i = 0; i < this.n; i++) if (done[i] === 0 && waits[i] === 0) steps.push(i)
    return steps
  }

  /**
   * A state with a step done, if there is one, and with all that costs nothing after it: the first by
   * number first.
   */
  private goneOn(from: State, step?: number): State {
    const state: Going = { ...from, done: from.done.slice(), waits: from.waits.slice() }
    if (step !== undefined) this.put(state, step)
    for (let i = 0; i < this.n;) {
      if (state.done[i] === 1 || at(state.waits, i) > 0 || !this.isFree(state, i)) i += 1
      else {
        this.put(state, i)
        // What waited for a start is looked at once more.
        i = at(this.p.proofs, i) ? 0 : at(this.again, i)
      }
    }
    state.least = Math.max(from.least, state.cost + this.ahead.of(state))
    return state
  }

  private put(state: Going, step: number): void {
    const p = this.p
    state.cost = this.costWith(state, step)
    state.done[step] = 1
    for (const i of at(this.next, step)) state.waits[i] = at(state.waits, i) - 1
    state.pose = at(p.poses, step)
    state.tool = at(p.tools, step) ?? state.tool
    state.isProved ||= at(p.proofs, step)
    if (at(p.proofs, step)) state.untried = 0
    else if (at(p.joins, step)) state.untried += 1
    state.count += 1
    state.path = { step, before: state.path }
  }

  /** It goes on as the work lies, with what is in hand: the first tool of all is a choice. */
  private isFree(state: State, step: number): boolean {
    const own = at(this.p.tools, step)
    const goesOn = at(this.p.poses, step) === state.pose && (own === null || own === state.tool)
    return goesOn && this.ahead.mayGo(state, step) && this.effort(state, step) === 0
  }

  /** What a step costs next besides waiting: wishes broken, a turn, another tool. */
  private effort({ done, pose, tool }: State, step: number): number {
    const p = this.p
    let cost = 0
    for (const { before, price } of at(p.wishes, step)) if (done[before] === 0) cost += price
    if (pose !== null && at(p.poses, step) !== pose) cost += p.turn
    const own = at(p.tools, step)
    if (own !== null && tool !== null && own !== tool) cost += p.tool
    return cost
  }

  private costWith(state: State, step: number): number {
    const wait = state.isProved ? 0 : at(this.p.minutes, step) * this.p.proof
    // The square of what is untried grows by so much.
    const lost = at(this.p.joins, step) ? (2 * state.untried + 1) * this.p.loss : 0
    return state.cost + this.effort(state, step) + wait + lost
  }

  /** What is to come after a step is no less than before it, but for what the step itself takes. */
  private leastWith(state: State, step: number): number {
    return Math.max(state.least, this.costWith(state, step))
  }

  private isNew(state: State): boolean {
    const key = this.keyOf(state)
    const known = this.cheapest.get(key)
    if (known !== undefined && known <= state.cost + HAIR) return false
    this.cheapest.set(key, state.cost)
    return true
  }

  /** Whether a cheaper way to the same state was found meanwhile. */
  private isOld(state: State): boolean {
    const known = this.cheapest.get(this.keyOf(state))
    return known !== undefined && known < state.cost - HAIR
  }

  /** What a step costs next depends on nothing else. */
  private keyOf({ done, pose, tool, isProved, untried }: Standing): string {
    let key = `${pose} ${tool} ${isProved} ${this.p.loss === 0 ? '' : untried} `
    for (let from = 0; from < done.length; from += BITS) {
      let word = 0
      for (let i = from; i < Math.min(from + BITS, done.length); i++) word = word * 2 + at(done, i)
      key += String.fromCharCode(word)
    }
    return key
  }
}

const byLeast = (a: State, b: State): number => a.least - b.least || b.count - a.count
const BITS = 16

function found({ cost, path }: State, bound: number, states: number): Found {
  const order: number[] = []
  for (let p = path; p; p = p.before) order.push(p.step)
  return { order: order.reverse(), cost, bound: Math.min(bound, cost), states }
}

/** Of what comes before each what comes after each. */
function reversed(musts: Puzzle['musts']): readonly (readonly number[])[] {
  const next: number[][] = musts.map(() => [])
  musts.forEach((before, step) => {
    for (const b of before) at(next, b).push(step)
  })
  return next
}
