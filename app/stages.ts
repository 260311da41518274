// The stages in the order of the work, each with its key and what it answers.
import type { Stage } from '../core/rules/finding'

export interface StageLine {
  readonly key: string
  readonly name: Stage
  readonly title: string
  readonly asks: string
}

export const STAGE_LINES: readonly StageLine[] = [
  { key: '1', name: 'parts', title: 'Parts', asks: 'What is in it' },
  { key: '2', name: 'fit', title: 'Fit', asks: 'Does it go in' },
  { key: '3', name: 'joints', title: 'Joints', asks: 'What plugs into what' },
  { key: '4', name: 'power', title: 'Power', asks: 'Is the supply enough' },
  { key: '5', name: 'order', title: 'Order', asks: 'What first, and why' },
  { key: '6', name: 'panel', title: 'Panel', asks: 'The small leads' },
  { key: '7', name: 'routes', title: 'Routes', asks: 'Does each lead reach' },
  { key: '8', name: 'bench', title: 'Bench', asks: 'Step by step' },
  { key: '9', name: 'proof', title: 'Proof', asks: 'First power-on' },
  { key: '0', name: 'record', title: 'Record', asks: 'What was done' },
]
