// The holes of a case as leads fill them: which heads pass, what room is left, what is crowded.
import type { Layout, Opening } from './layout'
import { connector, isMechanical, type Face } from '../connectors/connectors'
import { HOLE_FILL } from '../connectors/leads'

/** A lead's section, mm². */
export function sectionOf(face: Face): number {
  const thick = isMechanical(face) ? 0 : connector(face).lead.thick
  return (Math.PI / 4) * thick * thick
}

/** What a hole holds of leads laid side by side, mm². */
export const roomOf = ({ width, height }: Pick<Opening, 'width' | 'height'>): number =>
  width * height * HOLE_FILL.share

/** Whether a plug's head goes through a hole, either way round. */
export function passes({ width, height }: Pick<Opening, 'width' | 'height'>, face: Face): boolean {
  if (isMechanical(face)) return true
  const [w, h] = connector(face).lead.head
  return (w <= width && h <= height) || (w <= height && h <= width)
}

/** What already lies in each hole, mm²; one cable with several plugs counts once. */
export class Filling {
  private readonly lying = new Map<string, Map<string, number>>()
  private readonly inAll = new Map<string, number>()

  constructor(private readonly layout: Pick<Layout, 'openings'>) {}

  /** The holes that have no room left for such a lead. */
  shutTo(cable: string, face: Face): readonly string[] {
    return this.layout.openings
      .filter(
        o => !this.lying.get(o.key)?.has(cable) && this.used(o.key) + sectionOf(face) > roomOf(o),
      )
      .map(o => o.key)
  }

  put(cable: string, face: Face, through: readonly string[]): void {
    for (const key of through) {
      const here = this.lying.get(key) ?? new Map<string, number>()
      const [had, has] = [here.get(cable) ?? 0, Math.max(here.get(cable) ?? 0, sectionOf(face))]
      this.lying.set(key, here.set(cable, has))
      this.inAll.set(key, this.used(key) - had + has)
    }
  }

  private used(key: string): number {
    return this.inAll.get(key) ?? 0
  }
}

/** One cable through every hole it passes: all plugs of a chain are one cable. */
export const cableOf = (item: string, chain: string | undefined, ref: string): string =>
  chain === undefined ? ref : `${item}/${chain}`
