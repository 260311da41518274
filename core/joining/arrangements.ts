// Where everything sits, by name: the same seats have the same name, whichever plan chose them, so
// that what is weighed there is weighed once.
import type { Joint } from './joint'

export class Arrangements {
  private readonly names = new Map<string, string>()

  /** The name of a choice of seats: what it was called first. */
  nameOf(seats: readonly Pick<Joint, 'id'>[], proposed: string): string {
    const key = seats.map(j => j.id).join(' ')
    const name = this.names.get(key) ?? proposed
    this.names.set(key, name)
    return name
  }
}
