// Is it known of a modular supply where its sockets are, once somebody began to state it?
import { plainItems } from '../../plan/items'
import { isKind } from '../../parts'
import type { ItemOf } from '../../parts/kind'
import type { Supply } from '../../parts/supply-schema'
import { isOnSide } from '../../parts/supply-sockets'
import { SOURCE } from '../../standards/sources'
import { SUPPLY_SIZE } from '../../standards/supplies'
import { plain } from '../finding'
import { rule } from '../rule'

const said = { rule: 'routes/socket-places', stage: 'routes' } as const
const MEANWHILE = 'Until then its leads are measured from the middle of their side'
const TAKE =
  'With a ruler, looking at the plugs with its fan below: from the left edge and from the lower edge ' +
  'to the middle of each socket.'

export const socketPlaces = rule({
  id: 'routes/socket-places',
  stage: 'routes',
  question: 'Where are the sockets of a modular supply, of which some places are stated?',
  source: SOURCE.practice,
  needs: { plainItems },
  inputs: s =>
    s.plainItems
      .filter(isKind('supply'))
      .filter(({ part }) => part.modular !== 'fixed' && part.sockets?.some(p => p.at)),
  judge(supply) {
    const { id, name } = supply
    const wrong = wrongIn(supply)
    if (wrong === null) {
      const many = supply.part.sockets?.length ?? 0
      const sentence = `Each of the ${many} sockets of the ${name} has its place on its side`
      return [plain({ ...said, about: [id], sentence }, 'clear')]
    }
    const question = `Where on its side is each socket of the ${name}?`
    return [
      plain(
        {
          ...{ ...said, about: [id], sentence: `${wrong}. ${MEANWHILE}` },
          wayOut: `${question} ${TAKE}`,
          asks: [{ item: id, path: 'sockets', question, take: TAKE }],
        },
        'measure',
      ),
    ]
  },
})

/** What is wrong with the places of its sockets; null where each has one on its side. */
function wrongIn({ part, name }: ItemOf<Supply>): string | null {
  const { form, sockets = [] } = part
  const open = sockets.filter(s => !s.at).map(s => s.label)
  if (open.length > 0)
    return `Of the ${name} it is not known where ${open.join(', ')} ${open.length === 1 ? 'is' : 'are'}`
  if (!form) return `Of the ${name} the form is not known, and with it the side of its sockets`
  const outside = sockets.find(({ at }) => at && !isOnSide(form, at))
  if (!outside?.at) return null
  const [across, up] = outside.at
  const { width, height } = SUPPLY_SIZE[form]
  return (
    `${outside.label} of the ${name} is stated ${across} mm from the left and ${up} mm up, which is ` +
    `outside its side of ${width} × ${height} mm`
  )
}
