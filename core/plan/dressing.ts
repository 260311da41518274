// How the leads of a plan are dressed.
import { rounded } from '../figures/rounded'
import { dressingOf } from '../laying/dressing'
import { layout, plainItems } from './items'
import { solids } from './joints'
import { leads } from './leads'
import { stage } from '../pipeline/stage'

export const dressing = stage('dressing', { leads, layout, solids, items: plainItems }, values =>
  rounded(dressingOf(values)),
)
