// Bays, fan places and radiator places of a case of which only their number is known.
import type { Inner } from '../case/layout'
import type { Vec3 } from '../geometry/space'
import type { Case } from '../parts/case-schema'
import { DRIVE_SIZE, RADIATOR_SIZE, RADIATORS } from '../standards/modules'

/**
 * How fan places follow one another, how far the first is from the top and from the rear, what a
 * drive keeps to the front, where a bay begins over floor and tray, mm.
 */
const FAN = { pitch: 125, fromTop: 75, fromRear: 80, rearFromTop: 100, lowest: 60 }
export const BAY = { gap: 6, front: 15, floor: 6, tray: 30 }

/**
 * How many of a case's fan places are at the front before the rest go to the top; the first is at
 * the rear.
 */
const FRONT_FANS = 3
const BAY_PITCH = DRIVE_SIZE['3.5'].height + BAY.gap

/** Bays stand one over the other at the front, from the floor up. */
export function bayPlaces(inner: Inner, count: number): Case['bays'] {
  return Array.from({ length: count }, (_, i) => ({
    key: `bay-${i + 1}`,
    label: `bay ${i + 1}`,
    size: '3.5' as const,
    front: false,
    at: [
      Math.max(0, inner.x - DRIVE_SIZE['3.5'].length - BAY.front),
      BAY.floor + i * BAY_PITCH,
      BAY.tray,
    ] as [number, number, number],
    axes: '+x +z +y',
  }))
}

/** The first fan place is at the rear, the next at the front from the top down, the rest on top. */
export function fanPlaces({ x, y, z }: Inner, count: number): Case['fans'] {
  const front = Math.min(FRONT_FANS, Math.max(0, count - 1))
  const at = (p: Vec3): [number, number, number] => [p[0], p[1], p[2]]
  return Array.from({ length: count }, (_, i) => {
    if (i === 0)
      return {
        key: 'rear',
        label: 'rear fan place',
        sizes: ['120' as const],
        at: at([0, Math.max(FAN.lowest, y - FAN.rearFromTop), z / 2]),
        axes: '+y +z +x',
        air: 'out' as const,
      }
    if (i <= front)
      return {
        key: `front-${i}`,
        label: `front fan place ${i}`,
        sizes: ['120' as const, '140' as const],
        at: at([x, Math.max(FAN.lowest, y - FAN.fromTop - (i - 1) * FAN.pitch), z / 2]),
        axes: '+y +z -x',
        air: 'in' as const,
      }
    const n = i - front
    return {
      key: `top-${n}`,
      label: `top fan place ${n}`,
      sizes: ['120' as const],
      at: at([FAN.fromRear + (n - 1) * FAN.pitch, y, z / 2]),
      axes: '+x +z -y',
      air: 'out' as const,
    }
  })
}

/** Fan places in a row take a radiator of as many fans; the largest that fits is named last. */
export function radiatorPlaces(fans: Case['fans']): Case['radiators'] {
  return (['front', 'top'] as const).flatMap(wall => {
    const own = fans.filter(f => f.key.startsWith(`${wall}-`))
    const [first] = own
    if (!first) return []
    const sizes = RADIATORS.filter(
      r => RADIATOR_SIZE[r].fans <= own.length && first.sizes.includes(RADIATOR_SIZE[r].fan),
    )
    return [
      {
        key: `radiator-${wall}`,
        label: `radiator place at the ${wall}`,
        sizes: [...sizes],
        instead: own.map(f => f.key),
        at: first.at,
        axes: first.axes,
      },
    ]
  })
}
