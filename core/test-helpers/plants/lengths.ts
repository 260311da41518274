// For tests: a part too large for the room that its case states, a lead too short for its way.
import { altered, exact, stated, type Fields } from '../planted-machine'
import { short, SMALL_CARD, type Plant } from './plant'

/** Lengths: a part too large for the room that its case states. */
export const LENGTHS: readonly Plant[] = [
  {
    name: 'a cooler under the panel',
    plant: draw => {
      const room = draw.whole(120, 170)
      const { by, verdict } = short(draw, 1.5)
      const machine = altered(draw.tower, {
        cooler: { height: stated('mm', room + by, 0.5) },
        case: { coolerRoom: stated('mm', room, 1), coolerRoomFrom: 'lid' },
      })
      return { machine, rule: 'fit/cooler-height', verdict, names: ['cooler', 'case'] }
    },
  },
  {
    name: 'a supply in its place',
    plant: draw => {
      const { by, verdict } = short(draw, 2)
      const machine = altered(draw.tower, {
        supply: { length: stated('mm', 160 + by, 1), modular: 'fixed' },
        case: {
          supply: { ...(draw.tower['case']?.['supply'] as Fields), room: stated('mm', 160, 1) },
        },
      })
      return { machine, rule: 'fit/supply-length', verdict, names: ['supply', 'case'] }
    },
  },
  {
    name: 'a board on the tray',
    plant: draw => {
      const { by, verdict } = short(draw, 1.5)
      const machine = altered(draw.tower, {
        board: { depth: stated('mm', 243.84, 1) },
        case: { tray: { roomX: stated('mm', 243.84 - by, 0.5) } },
      })
      return { machine, rule: 'fit/board-room', verdict, names: ['board', 'case'] }
    },
  },
  {
    name: 'a card before the front',
    plant: draw => {
      // Before the drive cage, which begins at 270.
      const room = draw.whole(210, 266)
      const { by, verdict } = short(draw, 2)
      const machine = altered(draw.tower, {
        case: { cardRoom: stated('mm', room, 1), cardRoomMeans: 'front empty' },
        card: { ...SMALL_CARD, length: stated('mm', room + by, 1) },
      })
      return { machine, rule: 'fit/card-length', verdict, names: ['card', 'case'] }
    },
  },
  {
    name: 'a lead in a case that states its holes',
    plant: draw => {
      const length = draw.whole(20, 60)
      const [main, ...others] = draw.box['supply']?.['cables'] as readonly Fields[]
      const machine = altered(draw.box, {
        supply: { cables: [{ ...main, length: exact('mm', length) }, ...others] },
      })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['board'] }
    },
  },
]
