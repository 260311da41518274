// Does the board's outline find room on the tray, both ways?
import { measured, plain } from '../finding'
import { place } from '../../geometry/space'
import { board } from '../../parts/board'
import { sizeByForm } from '../../parts/bodies/board'
import type { Board } from '../../parts/board-schema'
import { pcCase } from '../../parts/case'
import type { ItemOf } from '../../parts/kind'
import { of, type Leaf } from '../../figures/quantity'
import { rule } from '../rule'
import { SEATED, joinedBy } from '../../plan/situation'
import { FORM, FORM_TOLERANCE, sureDepth, type BoardForm } from '../../standards/boards'
import { SOURCE } from '../../standards/sources'

const WAYS = [
  { way: 'depth', path: 'tray.roomX', says: 'depth' },
  { way: 'edge', path: 'tray.roomY', says: 'rear edge' },
] as const
type Way = (typeof WAYS)[number]['way']

export const boardRoom = rule({
  id: 'fit/board-room',
  stage: 'fit',
  question: 'Does the board’s outline fit on the tray?',
  source: SOURCE.atx,
  needs: SEATED,
  inputs: s =>
    joinedBy(s, 'tray', 'board', 'case').flatMap(({ joint, plug, socket }) => {
      const { form } = plug.part
      const frame = s.frames.get(plug.id) ?? null
      return form ? [{ joint, board: plug, form, pc: socket, frame }] : []
    }),
  judge: ({ joint, board: b, form, pc, frame }) =>
    WAYS.map(({ way, path, says }) => {
      const need = sizeOf(b, form, way)
      const have = pcCase.leaf(pc, path)
      const said = {
        rule: 'fit/board-room',
        stage: 'fit',
        about: [b.id, pc.id],
        part: way,
        joints: [joint.id],
        wayOut: 'A smaller board, or a case with a longer tray.',
      } as const
      const promise = have.figure ? undefined : promised(pc.part.boards ?? [], need, { form, way })
      if (promise)
        return plain(
          {
            ...said,
            sentence: `${b.name} is no larger than ${promise} in ${says}, and the ${pc.name} takes ${promise}`,
            because: [
              { fact: `the ${pc.name} takes`, value: promise, basis: 'spec', source: SOURCE.maker },
            ],
          },
          'clear',
        )
      const size = need.figure?.value ?? 0
      const room = have.figure?.value ?? size
      return measured({
        ...said,
        source: FORM[form].source,
        sentence: `${says === 'depth' ? 'Depth' : 'Rear edge'} of the ${b.name} on the tray of the ${pc.name}`,
        need: of(need),
        have: of(have),
        where: frame && {
          from: place(frame, way === 'depth' ? [size, 40, 0] : [size - 25, size, 0]),
          to: place(frame, way === 'depth' ? [room, 40, 0] : [size - 25, room, 0]),
        },
      })
    }),
})

/** The board's size as stated, else its form's. */
const sizeOf = (b: ItemOf<Board>, form: BoardForm, way: Way): Leaf =>
  board.leaf(b, way, sizeByForm(form, way))

/**
 * The form named by a case that has room for this board: a case has room for a form's full size, as
 * far as a standard fixes it.
 */
function promised(
  named: readonly BoardForm[],
  need: Leaf,
  { form, way }: { readonly form: BoardForm; readonly way: Way },
): BoardForm | undefined {
  const size = need.figure?.value
  const isSure = (f: BoardForm): boolean =>
    size !== undefined &&
    FORM[f].rear === FORM[form].rear &&
    size <= (way === 'depth' ? sureDepth(f) : FORM[f].edge) + FORM_TOLERANCE.mm
  return named.find(f => f === form && isSure(f)) ?? named.find(isSure)
}
