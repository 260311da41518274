// The words of the fields of a part, each in one sentence: shown beside the fields that carry them.
import type { Word } from './others'

/** Words of fields of a part, by the key of the field. */
export const FIELD_WORDS = {
  form: {
    word: 'form factor',
    says: 'Form factor: the agreed outline and mounting holes of a board or a supply.',
    also: ['outline and holes'],
  },
  socket: {
    word: 'processor socket',
    says: 'The processor’s holder on the board; only the same name fits.',
    also: ['CPU socket'],
  },
  shield: {
    word: 'I/O shield',
    says: 'The plate around the sockets at the rear.',
    also: ['rear shield', 'shield'],
  },
  standoffs: {
    word: 'standoffs',
    says: 'Short posts that keep the board off the metal tray.',
    also: ['standoff'],
  },
  archetype: {
    word: 'layout of a case',
    says: 'How the inside is laid out: where the supply and the board are.',
  },
  headers: {
    word: 'headers',
    says: 'Rows of pins on the board that plugs of the case, fans and lights go onto.',
    also: ['header'],
    shows: 'usb-2',
  },
  lanes: {
    word: 'lanes',
    says: 'Pairs of wires that carry data between a slot and the processor.',
    also: ['lane'],
  },
  generation: {
    word: 'generation',
    says: 'Each generation of PCI Express doubles the speed of a lane.',
    also: ['PCI Express generation'],
  },
  modular: {
    word: 'modular power supply (PSU)',
    says: 'Whether the supply’s cables can be taken off it.',
    also: ['modular', 'fully modular', 'semi-modular'],
  },
  efficiency: {
    word: 'efficiency',
    says: 'How little of the wall’s power becomes heat in the supply.',
  },
  guide: {
    word: 'design guide of a power supply',
    says: 'The design guide a supply was built to: a newer one rides through short loads beyond its rating.',
    also: ['design guide'],
  },
  protections: {
    word: 'protections',
    says: 'What the supply switches off for before something burns.',
  },
  gauge: {
    word: 'wire gauge (AWG)',
    says: 'Wire thickness in AWG: a smaller number is a thicker wire.',
    also: ['AWG', 'wire gauge'],
  },
  split: {
    word: 'split plugs',
    says: 'Smaller plugs that a plug comes apart into, such as 4+4 or 6+2.',
    also: ['4+4', '6+2'],
    shows: 'cpu-8',
  },
  buffered: {
    word: 'registered memory (RDIMM)',
    says: 'Registered modules hold a chip between board and memory; they do not run beside plain ones.',
    also: ['RDIMM', 'registered memory'],
  },
  fastening: {
    word: 'fastening of a cooler',
    says: 'How the cooler is held: pushed pins, screws, or a lever with a clip.',
  },
  over: {
    word: 'overhang over the memory',
    says: 'How far the cooler leans towards the memory slots.',
    also: ['overhang'],
  },
  memoryRoom: {
    word: 'memory clearance under the fan',
    says: 'Free height under the part of the cooler that lies over the memory.',
    also: ['memory clearance'],
  },
  radiators: {
    word: 'radiator places',
    says: 'Places that take a liquid cooler’s radiator with its fans.',
    also: ['radiator place'],
  },
  bays: {
    word: 'drive bays',
    says: 'Places for drives, named by the drive’s size in inches.',
    also: ['drive bay', 'bay'],
  },
  coolerRoomFrom: {
    word: 'where CPU cooler clearance is counted from',
    says: 'From where the sheet counts: the processor’s lid, the board, or the tray.',
    also: ['CPU cooler clearance'],
  },
  cardRoomMeans: {
    word: 'what card clearance leaves in',
    says: 'What stands at the front while the stated length still fits.',
    also: ['card clearance'],
  },
  roomMeans: {
    word: 'what supply clearance holds',
    says: 'Whether the stated room holds the supply alone, or its plugs as well.',
    also: ['supply clearance'],
  },
  protocol: {
    word: 'protocol of a drive',
    says: 'The language a drive speaks; the slot or port has to speak it too.',
    also: ['protocol'],
  },
  keys: {
    word: 'M.2 keys',
    says: 'Notches in the edge of an M.2 drive: M and B+M store, E and A are for radios.',
    also: ['B+M', 'M.2 key'],
  },
  spins: {
    word: 'spin-up',
    says: 'A spinning disk draws most in its first seconds.',
    also: ['spin-up', 'spins up'],
  },
  shuts: {
    word: 'shared ports',
    says: 'Ports that this socket switches off while it is used.',
    also: ['switched off while'],
  },
  asks: {
    word: 'power a card asks for',
    says: 'What the card asks of its 16-contact plug; the plug’s sense contacts say what the supply gives.',
    shows: 'card-16',
  },
  among: {
    word: 'plugs of which one is used',
    says: 'Plugs on one lead of which just one is used share a name here.',
  },
  own: {
    word: 'own connector of a maker',
    says: 'A maker’s own plug joins only its own controller.',
  },
  tray: { word: 'motherboard tray', says: 'The plate the board is screwed to.', also: ['tray'] },
  pieces: {
    word: 'pieces that come off',
    says: 'What can be taken off the case, with its screws.',
  },
  rear: {
    word: 'rear I/O',
    says: 'Sockets at the rear edge of the board.',
    also: ['rear sockets'],
  },
  banks: {
    word: 'memory banks',
    says: 'Old memory works only in whole banks of like chips.',
    also: ['memory bank'],
  },
  jumpers: {
    word: 'jumpers',
    says: 'Small bridges over two pins that set something.',
    also: ['jumper'],
  },
  wide: {
    word: '2-pin and 3-pin plugs',
    says: 'How many contacts side by side: two, or three with an empty middle.',
    also: ['2-pin plug', '3-pin plug'],
    shows: 'panel-lead',
  },
  plus: {
    word: 'polarity of an LED plug',
    says: 'Lights work only one way round: this wire goes to plus.',
    also: ['polarity'],
    shows: 'panel-lead',
  },
} as const satisfies Readonly<Record<string, Word>>

/** By the key of the field that carries it. */
export const TERMS: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries(FIELD_WORDS).map(([key, { says }]) => [key, says]),
)
