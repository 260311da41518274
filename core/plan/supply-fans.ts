// Toward which wall the fan of each supply looks; for the order and the drawing.
import { supplyFansIn } from '../joining/supply-mouths'
import { isKind } from '../parts'
import { stage } from '../pipeline/stage'
import { items } from './items'
import { frames, seats, solids } from './joints'

export const supplyFans = stage('supply-fans', { items, seats, frames, solids }, s =>
  supplyFansIn(s, s.items.filter(isKind('case'))),
)
