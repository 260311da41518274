// Every lead with its way, and those that end short of what they should be joined to.
import { leadsOf } from '../laying/leads'
import { shortLeadsOf } from '../laying/short-leads'
import { stage } from '../pipeline/stage'
import { ends, names } from './items'
import { field, frames, lines, plugs, sides, unmet } from './joints'

export const leads = stage('leads', { plugs, lines, field, names }, leadsOf)
/** What could not be joined because it ends short, with the way that was measured. */
export const shortLeads = stage('short-leads', { unmet, ends, frames, sides, field }, shortLeadsOf)
