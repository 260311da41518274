// What a shop's page says beside the part: other products, what people write. None of it is read as the part's.
import { only } from './pattern'

/** What stands over it. */
const OVER_ASIDES = only(
  ...[/customers (?:also (?:bought|viewed|liked)|who (?:bought|viewed).*)/, /recently viewed/],
  ...[
    /(?:similar|related|recommended|more|other|sponsored) (?:products?|items?|articles?|offers?)/,
  ],
  ...[/you (?:may|might) (?:also )?(?:like|be interested in|need)/, /recommended for you/],
  ...[/(?:frequently|often) bought (?:together|with.*)/, /sponsored/, /more from this .*/],
  // Electrical ratings, and a maker's own answers, are the part's.
  ...[/(?:customer |user |all )?reviews?(?: (?:and|&) ratings)?/],
  ...[/(?:customer|user) (?:ratings?|questions).*/],
  ...[/ähnliche (?:produkte|artikel)/, /kunden(?:,? die)? .*kauften.*/, /zuletzt angesehen/],
  ...[/(?:kunden)?(?:bewertungen|rezensionen)/, /das könnte .*/, /wird oft zusammen gekauft/],
)
/** What ends it: here the page goes on about the part. */
const OVER_DATA = only(
  ...[/technical (?:data|details|specifications?)/, /(?:tech )?specs/, /specifications?/],
  ...[/(?:product )?(?:details|description|information|features)/, /features/],
  ...[/technische (?:daten|details)/, /(?:produkt)?beschreibung/, /produktdetails/],
)
/** "Reviews (213)", "## Similar products:". */
const heading = (line: string): string =>
  line.replace(/^[#*\s]+|[:*\s]+$/g, '').replace(/\s*\(\d[\d.,]*\)$/, '')

/** A page without its asides, each line where it was, and these by themselves. */
export interface Page {
  readonly own: string
  readonly asides: readonly string[]
}
export function withoutAsides(text: string): Page {
  const lines = text.split('\n')
  const first = lines.findIndex(line => line.trim() !== '')
  let isAside = false
  const areAsides = lines.map((line, at) => {
    if (at > first && OVER_ASIDES.test(heading(line))) isAside = true
    else if (OVER_DATA.test(heading(line))) isAside = false
    return isAside
  })
  return {
    own: lines.map((line, at) => (areAsides[at] ? '' : line)).join('\n'),
    asides: lines.filter((line, at) => areAsides[at] && line.trim() !== ''),
  }
}
