// From version 4 to 5: sockets at the rear that were told in words are sockets with a shape.

type Fields = Readonly<Record<string, unknown>>

/** What the words of version 4 meant; the first that fits counts. */
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/displayport/i, 'displayport'],
  [/hdmi/i, 'hdmi'],
  [/dvi/i, 'dvi'],
  [/vga/i, 'vga'],
  [/usb-?c|type-?c/i, 'usb-c-socket'],
  [/usb/i, 'usb-a'],
  [/network|ethernet/i, 'network'],
  [/firewire/i, 'firewire-socket'],
  [/external sata|esata/i, 'esata'],
  [/serial/i, 'serial-9'],
  [/parallel/i, 'parallel-25'],
  [/game/i, 'game-15'],
  [/digital in|optical/i, 'optical'],
  [/line|microphone|speaker|headphone/i, 'audio-jack'],
]
/** A count before the words: "2 × USB-A". */
const COUNT = /^(\d+)\s*×\s*/
const SPEED = /([\d.]+)\s*Gb\/s/

/** Nothing of a card could be joined before: its sockets get names that no joint has yet. */
export function outerSockets(part: Fields): Fields {
  if (part['kind'] === 'board') return withSpeeds(part)
  if (part['kind'] !== 'card' && part['kind'] !== 'bracket') return part
  const { outputs, ...rest } = part
  if (!Array.isArray(outputs)) return part
  const told = outputs
    .filter(word => typeof word === 'string')
    .map(word => ({ word, face: faceOf(word) }))
  const rear = told.flatMap(({ word, face }) => (face === null ? [] : socketsOf(word, face)))
  // Posts for aerials have a field of their own.
  const others = told.filter(t => t.face === null && !/aerial/i.test(t.word)).map(t => t.word)
  return {
    ...rest,
    ...(rear.length > 0 ? { rear: numbered(rear) } : {}),
    ...(others.length > 0 ? { outputs: others } : {}),
  }
}

const faceOf = (word: string): string | null => WORDS.find(([says]) => says.test(word))?.[1] ?? null

interface Told {
  readonly label: string
  readonly face: string
  readonly gigabits?: number
}
function socketsOf(word: string, face: string): readonly Told[] {
  const label = word.replace(COUNT, '')
  const speed = SPEED.exec(word)?.[1]
  const one: Told = { label, face, ...(speed === undefined ? {} : { gigabits: Number(speed) }) }
  return Array.from({ length: Number(COUNT.exec(word)?.[1] ?? 1) }, () => one)
}

const numbered = (sockets: readonly Told[]): readonly Fields[] =>
  sockets.map((socket, i) => {
    const like = sockets.filter(s => s.face === socket.face && s.label === socket.label)
    const n = sockets.slice(0, i + 1).filter(s => like.includes(s)).length
    const label = like.length > 1 ? `${socket.label} ${n}` : socket.label
    return {
      key: `rear-${socket.face}-${sockets.slice(0, i + 1).filter(s => s.face === socket.face).length}`,
      ...socket,
      label,
    }
  })

/** The speed of a board's socket, once in words, as a number. */
function withSpeeds(board: Fields): Fields {
  const { rear } = board
  if (!Array.isArray(rear)) return board
  return {
    ...board,
    rear: rear.map((socket: unknown) => {
      if (typeof socket !== 'object' || socket === null || !('speed' in socket)) return socket
      const { speed, ...rest } = socket as Fields
      const gigabits = SPEED.exec(String(speed))?.[1]
      return gigabits === undefined ? socket : { ...rest, gigabits: Number(gigabits) }
    }),
  }
}
