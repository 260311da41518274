// Is each joint made of ends that fit?
import { plain } from '../finding'
import { capital } from '../../figures/format'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { plugs, seats } from '../../plan/joints'
import { joints } from '../../plan/situation'
import { FURTHER_KEY, isMechanical } from '../../connectors/connectors'
import { SOURCE } from '../../standards/sources'
import { faceOf, mate } from '../../joining/mate'
import type { EndOf } from '../../joining/joint'
import type { Basis } from '../../figures/units'
import { graver, type Verdict } from '../../figures/verdict'
import { inCommon } from '../../parts/end'
import { sideOf, withEnds } from './names'

export const jointsJoined = rule({
  id: 'joints/joined',
  stage: 'joints',
  question: 'Do the two ends of each joint belong together?',
  source: SOURCE.practice,
  needs: { seats, plugs, ends, names },
  inputs: s =>
    withEnds(s, joints(s)).map(met => ({
      ...met,
      rest: s.plugs.find(j => j.b === met.joint.b + FURTHER_KEY)?.id ?? null,
    })),
  judge({ joint, plug, socket, names, rest }) {
    const mated = mate(plug, socket)
    if (!mated?.ok) return []
    const met = rest === null ? mated : { ...mated, ...FILLED }
    const to = `${socket.end.label} of the ${names[1]}`
    const guess = [plug, socket].find(e => e.end.assumed)
    return [
      plain(
        {
          wayOut: WAY_OUT[met.verdict] ?? '',
          ...(guess ? notStated(guess, names[guess === plug ? 0 : 1]) : {}),
          rule: 'joints/joined',
          stage: isMechanical(joint.face) ? 'fit' : 'joints',
          about: joint.items,
          part: joint.id,
          joints: [joint.id],
          sentence: [`${capital(sideOf(names[0], plug))} in ${to}`, ...noted(met.note)].join(': '),
          because: [
            { fact: faceOf(plug), value: faceOf(socket), basis: 'standard', source: met.source },
            ...agreed(plug, socket, guess ? 'assumed' : 'spec'),
          ],
        },
        guess ? graver(met.verdict, 'measure') : met.verdict,
        guess ? 'assumed' : 'spec',
      ),
    ]
  },
})

const noted = (note: string): readonly string[] => (note === '' ? [] : [note])

/** A socket that two plugs fill together is full. */
const FILLED = { verdict: 'clear', note: 'with the four beside it all contacts are used' } as const

/** Out of a joint that a hand has made and nobody should. */
const WAY_OUT: Partial<Record<Verdict, string>> = {
  harm: 'Never under power. Take the plug out, and put it into a socket of its own kind.',
  stop: 'Take the plug out, and put it into a socket of its own kind.',
}

/** An end that nobody stated is asked for: such parts usually have it, and some have not. */
const notStated = ({ item, end }: EndOf, name: string) => {
  const question = `Does the ${name} have it: ${end.label}?`
  const take = 'Look, or read its manual; then enter it with the part.'
  return {
    assumed: true,
    wayOut: `${question} ${take}`,
    asks: [{ item, path: end.from?.list ?? '', question, take }],
  }
}

/** The traits on which both sides agree, as reasons. */
const agreed = (plug: EndOf, socket: EndOf, basis: Basis) =>
  inCommon(plug.end.traits, socket.end.traits).map(({ trait, wanted }) => ({
    fact: trait,
    value: wanted.join(' or '),
    basis,
    source: SOURCE.maker,
  }))
