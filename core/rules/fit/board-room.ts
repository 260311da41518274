// Does the board's outline find room on the tray, both ways?
import { measured } from '../finding'
import { place } from '../../geometry/space'
import { board } from '../../parts/board'
import { pcCase } from '../../parts/case'
import { fact, of, type Leaf } from '../../figures/quantity'
import { rule } from '../rule'
import { SEATED, joinedBy } from '../../plan/situation'
import { FORM, type BoardForm } from '../../standards/boards'
import { SOURCE } from '../../standards/sources'

const WAYS = [
  { way: 'depth', path: 'tray.roomX', along: 'depth', says: 'depth' },
  { way: 'edge', path: 'tray.roomY', along: 'edge', says: 'rear edge' },
] as const

export const boardRoom = rule({
  id: 'fit/board-room',
  stage: 'fit',
  question: 'Does the board’s outline fit on the tray?',
  source: SOURCE.atx,
  needs: SEATED,
  inputs: s =>
    joinedBy(s, 'tray', 'board', 'case').map(({ joint, plug, socket }) => ({
      joint,
      board: plug,
      pc: socket,
      frame: s.frames.get(plug.id) ?? null,
    })),
  judge: ({ joint, board: b, pc, frame }) =>
    WAYS.map(({ way, path, along, says }) => {
      const form = FORM[b.part.form]
      const need = board.leaf(b, along, { value: form[along], basis: 'standard', tol: 0.25 })
      const stated = pcCase.leaf(pc, path)
      const have = stated.figure ? stated : promised(pc.part.boards, along)
      const size = need.figure?.value ?? 0
      const room = have.figure?.value ?? size
      return measured({
        rule: 'fit/board-room',
        stage: 'fit',
        about: [b.id, pc.id],
        part: way,
        joints: [joint.id],
        source: form.source,
        sentence: `${says === 'depth' ? 'Depth' : 'Rear edge'} of the ${b.name} on the tray of the ${pc.name}`,
        wayOut: 'A smaller board, or a case with a longer tray.',
        need: of(need),
        have: of(have),
        where: frame && {
          from: place(frame, along === 'depth' ? [size, 40, 0] : [size - 25, size, 0]),
          to: place(frame, along === 'depth' ? [room, 40, 0] : [size - 25, room, 0]),
        },
      })
    }),
})

/** A case that takes a form has room for its full size: the largest form it names. */
function promised(forms: readonly BoardForm[], along: 'depth' | 'edge'): Leaf {
  const most = Math.max(0, ...forms.map(f => FORM[f][along]))
  return fact(`form-room:${along}:${most}`, 'room the case promises by the forms it takes', 'mm', {
    value: most,
    basis: 'standard',
    tol: 0.25,
  })
}
