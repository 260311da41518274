// Does each device outside get the speed that it makes use of, and an old one no more than it bears?
import { plain, type Because, type Finding } from '../finding'
import { number } from '../../figures/format'
import { FAST, type OuterSocket } from '../../parts/outer'
import type { Item } from '../../parts'
import { items } from '../../plan/items'
import { plugs, seats } from '../../plan/joints'
import { plugIn, socketIn } from '../../plan/situation'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

export const outerSpeed = rule({
  id: 'joints/outer-speed',
  stage: 'joints',
  question: 'Does each device outside get its speed, and an old one no port too fast for it?',
  source: SOURCE.usb,
  needs: { plugs, seats, items },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const [device, holder] = joint.items.map(id => s.items.find(i => i.id === id))
      if (device?.part.kind !== 'device' || !holder) return []
      const plug = plugIn(joint, 'plugs', device.part.plugs)
      const socket = socketIn(joint, 'rear', rearOf(holder))
      if (!plug || !socket || (plug.gigabits === undefined && plug.avoidsFast !== true)) return []
      return [
        {
          joint,
          device: device.name,
          at: `${socket.label} of the ${holder.name}`,
          wants: plug.gigabits ?? null,
          avoidsFast: plug.avoidsFast === true,
          gives: socket.gigabits ?? null,
        },
      ]
    }),
  judge({ joint, device, at, wants, avoidsFast, gives }) {
    const because: readonly Because[] = [
      { fact: device, value: wants === null ? 'old' : gbs(wants), ...SPEC },
      {
        fact: at,
        value: gives === null ? '?' : gbs(gives),
        basis: gives === null ? 'missing' : 'spec',
        source: SOURCE.maker,
      },
    ]
    const said = {
      rule: 'joints/outer-speed',
      stage: 'joints',
      about: joint.items,
      part: joint.id,
      joints: [joint.id],
      because,
    } as const
    if (gives === null) return [notStated(said, device, at)]
    if (avoidsFast && gives >= FAST)
      return [
        plain(
          {
            ...said,
            sentence: `The ${device} is old and misbehaves on fast ports; ${at} gives ${gbs(gives)}`,
            wayOut: 'A slow port, or a USB 2 lead or hub between.',
          },
          'watch',
        ),
      ]
    if (wants !== null && gives < wants)
      return [
        plain(
          {
            ...said,
            sentence: `The ${device} makes use of ${gbs(wants)}; ${at} gives ${gbs(gives)}: it works, slower`,
            wayOut: 'A faster port, where one is free.',
          },
          'watch',
        ),
      ]
    return [plain({ ...said, sentence: `The ${device} is right at ${at}: ${gbs(gives)}` }, 'clear')]
  },
})

function notStated(
  said: Omit<Parameters<typeof plain>[0], 'sentence'>,
  device: string,
  at: string,
): Finding {
  const [, holder = ''] = said.about
  const take = 'Blue inside is 5 Gb/s; other colours prove nothing: the manual says.'
  return plain(
    {
      ...said,
      sentence: `How fast ${at} is, where the ${device} is plugged, is not stated`,
      wayOut: take,
      asks: [{ item: holder, path: 'rear', question: `How fast is ${at}?`, take }],
    },
    'measure',
  )
}

const SPEC = { basis: 'spec', source: SOURCE.maker } as const
/** Nobody writes a port's speed with decimals but 2.5. */
const gbs = (gigabits: number): string =>
  `${number(gigabits, Number.isInteger(gigabits) ? 0 : 1)} Gb/s`

const rearOf = ({ part }: Item): readonly OuterSocket[] | null | undefined =>
  part.kind === 'board' || part.kind === 'card' || part.kind === 'bracket' ? part.rear : undefined
