// The field's words, each in one sentence: shown beside the fields that carry them.
const SAYS = {
  form: 'Form factor: the agreed outline and mounting holes of a board or a supply.',
  socket: 'The processor’s holder on the board; only the same name fits.',
  shield: 'The plate around the sockets at the rear.',
  standoffs: 'Short posts that keep the board off the metal tray.',
  archetype: 'How the inside is laid out: where the supply and the board are.',
  headers: 'Rows of pins on the board that plugs of the case, fans and lights go onto.',
  lanes: 'Pairs of wires that carry data between a slot and the processor.',
  generation: 'Each generation of PCI Express doubles the speed of a lane.',
  modular: 'Whether the supply’s cables can be taken off it.',
  efficiency: 'How little of the wall’s power becomes heat in the supply.',
  guide:
    'The design guide a supply was built to: a newer one rides through short loads beyond its rating.',
  protections: 'What the supply switches off for before something burns.',
  gauge: 'Wire thickness in AWG: a smaller number is a thicker wire.',
  split: 'Smaller plugs that a plug comes apart into, such as 4+4 or 6+2.',
  buffered:
    'Registered modules hold a chip between board and memory; they do not run beside plain ones.',
  fastening: 'How the cooler is held: pushed pins, screws, or a lever with a clip.',
  over: 'How far the cooler leans towards the memory slots.',
  memoryRoom: 'Free height under the part of the cooler that lies over the memory.',
  radiators: 'Places that take a liquid cooler’s radiator with its fans.',
  bays: 'Places for drives, named by the drive’s size in inches.',
  coolerRoomFrom: 'From where the sheet counts: the processor’s lid, the board, or the tray.',
  cardRoomMeans: 'What stands at the front while the stated length still fits.',
  roomMeans: 'Whether the stated room holds the supply alone, or its plugs as well.',
  protocol: 'The language a drive speaks; the slot or port has to speak it too.',
  keys: 'Notches in the edge of an M.2 drive: M and B+M store, E and A are for radios.',
  spins: 'A spinning disk draws most in its first seconds.',
  shuts: 'Ports that this socket switches off while it is used.',
  asks: 'What the card asks of its 16-contact plug; the plug’s sense contacts say what the supply gives.',
  among: 'Plugs on one lead of which just one is used share a name here.',
  own: 'A maker’s own plug joins only its own controller.',
  tray: 'The plate the board is screwed to.',
  pieces: 'What can be taken off the case, with its screws.',
  rear: 'Sockets at the rear edge of the board.',
  banks: 'Old memory works only in whole banks of like chips.',
  jumpers: 'Small bridges over two pins that set something.',
  wide: 'How many contacts side by side: two, or three with an empty middle.',
  plus: 'Lights work only one way round: this wire goes to plus.',
} as const satisfies Readonly<Record<string, string>>
type Key = keyof typeof SAYS

/** What each is called, where that is not its key in plain letters. */
const WORD: Readonly<Record<Key, string>> = {
  form: 'form factor',
  socket: 'processor socket',
  shield: 'I/O shield',
  standoffs: 'standoffs',
  archetype: 'layout of a case',
  headers: 'headers',
  lanes: 'lanes',
  generation: 'generation',
  modular: 'modular power supply (PSU)',
  efficiency: 'efficiency',
  guide: 'design guide of a power supply',
  protections: 'protections',
  gauge: 'wire gauge (AWG)',
  split: 'split plugs',
  buffered: 'registered memory (RDIMM)',
  fastening: 'fastening of a cooler',
  over: 'overhang over the memory',
  memoryRoom: 'memory clearance under the fan',
  radiators: 'radiator places',
  bays: 'drive bays',
  coolerRoomFrom: 'where CPU cooler clearance is counted from',
  cardRoomMeans: 'what card clearance leaves in',
  roomMeans: 'what supply clearance holds',
  protocol: 'protocol of a drive',
  keys: 'M.2 keys',
  spins: 'spin-up',
  shuts: 'shared ports',
  asks: 'power a card asks for',
  among: 'plugs of which one is used',
  own: 'own connector of a maker',
  tray: 'motherboard tray',
  pieces: 'pieces that come off',
  rear: 'rear I/O',
  banks: 'memory banks',
  jumpers: 'jumpers',
  wide: '2-pin and 3-pin plugs',
  plus: 'polarity of an LED plug',
}

/** By the key of the field that carries it. */
export const TERMS: Readonly<Record<string, string>> = SAYS
/** The words by themselves, in the order of the alphabet. */
export const GLOSSARY: readonly { readonly word: string; readonly says: string }[] = (
  Object.keys(SAYS) as Key[]
)
  .map(key => ({ word: WORD[key], says: SAYS[key] }))
  .sort((a, b) => a.word.localeCompare(b.word, 'en'))
