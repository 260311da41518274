// The stages in the order of the work: the key of each, the word in its address, what it answers.
import type { Stage } from '../../core/rules/finding'

export interface StageLine {
  readonly key: string
  readonly name: Stage
  readonly address: string
  readonly title: string
  readonly question: string
}

const line = (
  key: string,
  [name, address]: readonly [Stage, string],
  title: string,
  question: string,
): StageLine => ({ key, name, address, title, question })

export const STAGE_LINES: readonly StageLine[] = [
  line('1', ['parts', 'parts'], 'Parts', 'What is in it'),
  line('2', ['fit', 'fit'], 'Fit', 'Does it go in'),
  line('3', ['joints', 'connections'], 'Connections', 'What plugs into what'),
  line('4', ['power', 'power'], 'Power', 'Is the supply enough'),
  line('5', ['order', 'order'], 'Order', 'What first, and why'),
  line('6', ['panel', 'front-panel'], 'Front panel', 'The small leads'),
  line('7', ['routes', 'cables'], 'Cables', 'Does each lead reach'),
  line('8', ['bench', 'bench'], 'Bench', 'Step by step'),
  line('9', ['proof', 'test'], 'Test', 'First power-on'),
  line('0', ['record', 'record'], 'Record', 'What was done'),
]
