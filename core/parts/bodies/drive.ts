// The body of a drive from the end with its sockets, and the first stretch of what is plugged there.
import { minus } from '../../figures/quantity'
import { assume, type Figure } from '../../figures/units'
import { connector, isData, isPower } from '../../connectors/connectors'
import { DRIVE_SIZE, M2 } from '../../standards/modules'
import { NOTHING } from '../../geometry/solid'
import type { Drive } from '../drive-schema'
import type { ItemOf } from '../kind'
import {
  around,
  customary,
  exceeds,
  given,
  solid,
  upTo,
  type Measure,
  type PartSolid,
} from './solid'

/** Named choice: a drive whose size is not known is taken for the small one. */
export const UNKNOWN_AS = '2.5'
const standard = (value: number): Figure => ({ value, basis: 'standard', tol: 0.25 })

/** Whether its face stands in the front of the case: what reads discs, floppies or memory cards. */
export const facesOut = ({ medium }: Drive): boolean =>
  medium === 'optical' || medium === 'cards' || medium === 'floppy'

/** The solids of a drive. */
export function driveSolids({ part }: ItemOf<Drive>, of: Measure): readonly PartSolid[] {
  if (part.shape === 'M.2') return stick(part)
  const size = DRIVE_SIZE[part.shape ?? UNKNOWN_AS]
  const width = upTo(given(`width of a ${part.shape ?? UNKNOWN_AS}-inch drive`, size.width, 0.25))
  const thick = of('thickness', thicknessFor(part, size.height))
  const tall = upTo(thick)
  const length = of('length', lessKnown(part, size.length))
  // A drive with its face in the front stands flush there, however long it is.
  const face = facesOut(part) ? given('face of the bay', size.length) : length
  const rear = minus(face, length)
  const oversize = exceeds(length, size.length) || exceeds(thick, size.height)
  return [
    solid({ key: 'drive', oversize }, [rear, face], width, tall),
    solid(
      { key: 'plugs', what: 'plugs', nature: 'zone' },
      [minus(rear, straightOf(part)), rear],
      width,
      tall,
    ),
  ]
}

/** Drives without spinning disks and readers come in sizes of their own. */
const lessKnown = ({ shape, medium }: Drive, mm: number): Figure =>
  shape === '5.25' || medium === 'cards' || medium === 'floppy'
    ? assume(mm, 'mm', OTHER)
    : standard(mm)
/** Small disks are sold from 7 to 15 thick. */
const thicknessFor = (p: Drive, mm: number): Figure =>
  p.shape === '2.5' && p.medium === undefined ? assume(SMALL.mm, 'mm', SMALL.tol) : lessKnown(p, mm)
const SMALL = { mm: 11, tol: 4 }
/** Named choice: by how much what reads discs and cards differs from its bay's size, mm. */
const OTHER = 20

/** Named choice: what a plug needs behind a drive where its own shape has no figure, mm. */
const USUAL_STRAIGHT = 20
function straightOf({ plugs }: Drive) {
  const faces = (plugs ?? []).map(p => p.face).filter(f => isData(f) || isPower(f))
  const longest = Math.max(USUAL_STRAIGHT, ...faces.map(f => connector(f).straight ?? 0))
  return customary('plugs behind the drive', longest, 8)
}

/** A bare stick, or one with a heat sink of its own. */
function stick({ m2 }: Drive): readonly PartSolid[] {
  const length = Number((m2?.length ?? '2280').slice(2))
  const high =
    m2?.heatSink === true
      ? customary('stick with a heat sink', WITH_SINK, 3)
      : given('stick', M2.height)
  return [
    solid(
      { key: 'stick' },
      upTo(given(`length of the stick`, length)),
      around(given('width of a stick', M2.width)),
      [NOTHING, high],
    ),
  ]
}
/** Named choice: how high a stick's own heat sink stands, mm. */
const WITH_SINK = 9
