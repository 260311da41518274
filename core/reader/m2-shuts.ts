// Which ports a sentence switches off: SATA sockets by their numbers.
import { oneOf } from './pattern'

export const SWITCHES_OFF = oneOf(
  ...[/disable[ds]/, /switched off/, /\boff\b/, /unavailable/, /not available/, /shares?/],
)

const PORT = String.raw`SATA(?:6G|3)?[_ ]?`
const PORTS = new RegExp(
  [
    String.raw`${PORT}(?:ports? )?(\d)(?![\dA-Za-z])`,
    String.raw`((?:\s*(?:\/|,|&|and|or|-|–|to|_)\s*(?:${PORT})?\d\b)*)(?!\s*G(?:b|\b))`,
  ].join(''),
  'gi',
)
/**
 * "SATA5 and SATA6", "SATA 3/4", "SATA6G_5-8": the ports that a sentence names, by their numbers.
 */
export function portsIn(text: string): readonly string[] {
  return [...text.matchAll(PORTS)]
    .flatMap(m => {
      const more = [
        ...(m[2] ?? '').matchAll(/(\/|,|&|and|or|-|–|to|_)\s*(?:SATA(?:6G|3)?[_ ]?)?(\d)/gi),
      ]
      return more.reduce<readonly number[]>(
        (found, [, sign = '', digit]) => {
          const [last = 0, next] = [found.at(-1), Number(digit)]
          return /^(?:-|–|to)$/.test(sign)
            ? [
                ...found,
                ...Array.from({ length: Math.max(0, next - last) }, (_, i) => last + i + 1),
              ]
            : [...found, next]
        },
        [Number(m[1])],
      )
    })
    .map(n => `sata-data-${n}`)
}

/** Whether a text switches ports off that it names. */
export const isOfPorts = (text: string): boolean =>
  SWITCHES_OFF.test(text) && portsIn(text).length > 0
