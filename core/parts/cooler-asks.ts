// What is not known of a cooler, and is asked.
import { facesOn, type PlugFace } from '../connectors/connectors'
import { blank, type Ask } from './ask'
import { litAsks } from './lit'
import type { Cooler } from './cooler-schema'
import type { ItemOf } from './kind'

/** What is not known of a cooler and decides what it goes onto and where its leads go. */
export function coolerAsks({ part: p, name }: ItemOf<Cooler>): readonly Ask[] {
  const { fan, moreFans = [], lights = [], liquid: wet } = p
  const inSheet = 'Read it in its sheet, or count the wires of its plug.'
  const plug = (face: PlugFace | null | undefined, path: string, of: string): readonly Ask[] =>
    blank(face, path, facesOn('fan'), {
      question: `Which plug does ${of} of the ${name} have?`,
      take: inSheet,
    })
  return [
    ...blank(p.sockets?.[0], 'sockets', ['cooler-mount'], {
      question: `For which sockets does the ${name} bring its mounting set?`,
      take: 'Read it on its box: the set of the board’s socket has to be in it.',
    }),
    ...(fan ? plug(fan.face, 'fan.face', 'the fan') : []),
    ...moreFans.flatMap((f, i) => plug(f.face, `moreFans.${i}.face`, `fan ${i + 2}`)),
    ...(fan === undefined && !wet ? plug(null, 'fan', 'the fan, if it has one,') : []),
    ...lights.flatMap((lit, i) => litAsks(lit, `lights.${i}`, name)),
    ...(wet
      ? [
          ...blank(wet.radiator, 'liquid.radiator', ['radiator-place'], {
            question: `Which radiator does the ${name} have?`,
            take: 'Count the fans along it: one, two or three of 120 or 140 mm.',
          }),
          ...plug(wet.pump.face, 'liquid.pump.face', 'the pump'),
          ...wet.fans.flatMap((f, i) =>
            plug(f.face, `liquid.fans.${i}.face`, `radiator fan ${i + 1}`),
          ),
        ]
      : []),
  ]
}
