// How the leads of a plan are dressed.
import { rounded } from '../figures/rounded'
import { dressingOf } from '../laying/dressing'
import { layout, plainItems } from './items'
import { leads, solids } from './joints'
import { stage } from '../pipeline/stage'

export const dressing = stage('dressing', { leads, layout, solids, items: plainItems }, values =>
  rounded(dressingOf(values)),
)
