// A machine to begin with, by what it is for: parts of the shipped shelf, each to be exchanged for one's own.
import type { Problem } from '../../core/document/command'
import type { SingleCommand } from '../../core/document/command-schema'
import { PURPOSE, type Purpose } from '../../core/standards/purposes'
import type { Outcome } from './acts'
import type { Edits } from './edits'
import type { Shelf } from './shelf/shelf'

/** Named choices: plain machines that come out without a stop. */
export const TEMPLATES: Readonly<Record<Purpose, readonly string[]>> = {
  desk: [
    ...['brackwater-harbour-4', 'saltpan-lagoon-9', 'quillmark-t2-65', 'ottery-lowbank-65'],
    ...['merewick-d5-2x8', 'sedgeline-n4-500', 'dunlin-a550', 'ottery-breeze-120'],
  ],
  sound: [
    ...['brackwater-harbour-4', 'saltpan-lagoon-9', 'quillmark-t2-65', 'ottery-highbank-120'],
    ...['merewick-d5-2x16', 'sedgeline-n5-1000', 'reedsong-field-8', 'dunlin-a550'],
    ...['ottery-breeze-120', 'ottery-breeze-120'],
  ],
  games: [
    ...['brackwater-twinlock-8', 'saltpan-lagoon-9', 'quillmark-t2-105n', 'ottery-highbank-120'],
    ...['merewick-d5-2x16', 'sedgeline-n5-1000', 'strandline-squall-225', 'dunlin-a850'],
    ...['ottery-breeze-120', 'ottery-breeze-120', 'ottery-breeze-120'],
  ],
  server: [
    ...['fenwright-tall-40', 'saltpan-lagoon-6', 'quillmark-t2-65', 'ottery-lowbank-65'],
    ...['merewick-d5-2x16', 'sedgeline-n4-500', 'teazle-t650', 'ottery-breeze-120'],
  ],
  storage: [
    ...['fenwright-haystack-8', 'saltpan-lagoon-6', 'quillmark-t2-65', 'ottery-lowbank-65'],
    ...['merewick-d5-2x16', 'sedgeline-n4-500', 'sedgeline-r3-4000', 'sedgeline-r3-4000'],
    ...['hollin-sata-500', 'hollin-sata-500', 'teazle-t650', 'ottery-breeze-120'],
  ],
}

/** Puts the parts of a machine for that purpose into a build, to be bought, as one step. */
export function beginWith(
  { edits, shelf }: { readonly edits: Edits; readonly shelf: Shelf },
  build: string,
  purpose: Purpose,
): Promise<Outcome | Problem> {
  const parts = TEMPLATES[purpose].flatMap(id => shelf.shippedPart(id) ?? [])
  const commands: readonly SingleCommand[] = [
    { do: 'choosePurpose', purpose },
    ...parts.map(part => ({ do: 'addItem' as const, item: { part, state: 'wanted' as const } })),
  ]
  const title = `Began with a machine for: ${PURPOSE[purpose].says}`
  return edits.run(build, { do: 'together', commands, title })
}
