// For tests: memory and processor that do not go together, or not as fast as they are sold; a cooler
// too small, or too low for the modules below it.
import { altered, exact, stated, type Draw, type Fields, type Machine } from '../planted-machine'
import { short, type Plant } from './plant'

/** The board with these of its memory’s fields otherwise. */
const boardOf = ({ tower }: Draw, memory: Fields): Machine =>
  altered(tower, { board: { memory: { ...(tower['board']?.['memory'] as Fields), ...memory } } })

const KIT: Fields = {
  ...{ kind: 'memory', model: 'Plain kit', type: 'DDR5', modules: 2 },
  ...{ each: exact('GB', 8), speed: exact('MTs', 5600), height: exact('mm', 31.25) },
}
/** Two promises for two modules: the board’s and the processor’s. */
const promising = (draw: Draw, board: number, processor: number): Machine =>
  altered(boardOf(draw, { table: [{ modules: 2, slots: ['A2', 'B2'], speed: board }] }), {
    processor: { speeds: [{ modules: 2, speed: processor }] },
    memory: { ...KIT, id: 'kit' },
  })

export const MEMORY: readonly Plant[] = [
  {
    name: 'a generation that the processor does not drive',
    plant: draw => {
      const machine = altered(draw.tower, { processor: { memory: ['DDR4'] } })
      return { machine, rule: 'fit/memory-type', verdict: 'stop', names: ['memory', 'processor'] }
    },
  },
  {
    name: 'a generation of which the processor’s sheet says nothing',
    plant: draw => {
      const machine = altered(draw.tower, { processor: { memory: [] } })
      return { machine, rule: 'fit/memory-type', verdict: 'measure', names: ['processor'] }
    },
  },
  {
    name: 'registered modules where none may be',
    plant: draw => {
      const machine = altered(boardOf(draw, { buffered: 'never' }), { memory: { buffered: true } })
      const names = ['memory', 'board']
      return { machine, rule: 'fit/memory-registered', verdict: 'stop', names }
    },
  },
  {
    name: 'plain modules where only registered ones may be',
    plant: draw => {
      const machine = boardOf(draw, { buffered: 'only' })
      const names = ['memory', 'board']
      return { machine, rule: 'fit/memory-registered', verdict: 'stop', names }
    },
  },
  {
    name: 'two kits that are not alike',
    plant: draw => {
      const other = draw.isWithin
        ? { each: exact('GB', 16) }
        : { speed: exact('MTs', 5600 - 400 * draw.whole(1, 3)) }
      const machine = altered(draw.tower, {
        memory: { ...KIT, id: 'one' },
        second: { ...KIT, id: 'two', ...other },
      })
      return { machine, rule: 'fit/memory-mix', verdict: 'watch', names: ['memory', 'second'] }
    },
  },
  {
    name: 'one module where two channels stand',
    plant: draw => {
      const machine = altered(draw.tower, { memory: { modules: 1 } })
      return { machine, rule: 'fit/memory-channels', verdict: 'watch', names: ['memory', 'board'] }
    },
  },
  {
    name: 'modules faster than the processor promises',
    plant: draw => {
      const machine = promising(draw, 6000, 5600 - 200 * draw.whole(1, 6))
      const names = ['memory', 'processor']
      return { machine, rule: 'fit/memory-speed', verdict: 'watch', names }
    },
  },
  {
    name: 'modules slower than board and processor promise',
    plant: draw => {
      const least = 5600 + 200 * draw.whole(1, 4)
      const machine = promising(draw, least + 400, least)
      return { machine, rule: 'fit/memory-below', verdict: 'watch', names: ['memory', 'board'] }
    },
  },
  {
    name: 'a speed that nobody promises',
    plant: draw => {
      const machine = altered(boardOf(draw, { table: [] }), { processor: { speeds: [] } })
      return { machine, rule: 'fit/memory-speed', verdict: 'measure', names: ['memory', 'board'] }
    },
  },
  {
    name: 'modules that stand into the fan above them',
    plant: draw => {
      const room = draw.whole(34, 48)
      const { by, verdict } = short(draw, 1.5)
      const machine = altered(draw.tower, {
        cooler: { over: exact('mm', 120), memoryRoom: stated('mm', room, 1) },
        memory: { height: stated('mm', room + by, 0.5) },
      })
      const names = ['memory', 'cooler']
      return { machine, rule: 'fit/cooler-over-memory', verdict, names }
    },
  },
  {
    name: 'modules of unknown height below a fan',
    plant: draw => {
      const machine = altered(draw.tower, {
        cooler: { over: exact('mm', 120), memoryRoom: stated('mm', draw.whole(34, 60), 1) },
        memory: { height: null },
      })
      const names = ['memory', 'cooler']
      return { machine, rule: 'fit/cooler-over-memory', verdict: 'measure', names }
    },
  },
  {
    name: 'more heat than the cooler carries away',
    plant: draw => {
      const cools = draw.whole(70, 200)
      const { by } = short(draw, 6)
      const machine = altered(draw.tower, {
        processor: { power: { sustained: stated('W', cools + by, 3) } },
        cooler: { cools: stated('W', cools, 3) },
      })
      const verdict = draw.isWithin ? 'tight' : 'watch'
      // What the supply then has to give is another matter.
      const also = ['power/']
      return { machine, rule: 'fit/cooler-capacity', verdict, names: ['processor', 'cooler'], also }
    },
  },
  {
    name: 'a board that lists no processors',
    plant: draw => {
      const machine = altered(draw.tower, { board: { firmware: undefined } })
      return { machine, rule: 'fit/firmware', verdict: 'measure', names: ['processor', 'board'] }
    },
  },
]
