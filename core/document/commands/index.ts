// All commands by their names.
import type { Command } from '../command-schema'
import type { Specs } from '../command'
import { choiceCommands } from './choices'
import { declaredCommands } from './declared'
import { figureCommands } from './figures'
import { itemCommands } from './items'
import { keepingCommands } from './keeping'
import { panelCommands } from './panel'
import { sittingCommands } from './sitting'
import { togetherCommand } from './together'
import { workCommands } from './work'

const single = {
  ...itemCommands,
  ...figureCommands,
  ...keepingCommands,
  ...workCommands,
  ...choiceCommands,
  ...declaredCommands,
  ...panelCommands,
  ...sittingCommands,
}

export const SPECS: Specs<Command['do']> = { ...single, together: togetherCommand(single) }
