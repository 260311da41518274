// Every plug and header the program knows: its shape, its key, what it carries, and which plug goes
// into which socket.
import { SOURCE } from '../standards/sources'

export interface Connector {
  readonly name: string
  readonly shape: string
  readonly key: string
  readonly carries: string
  /** What it may deliver at most: watts of 12 V through it, or amps, or ports. */
  readonly limit: { readonly W12?: number; readonly A?: number; readonly ports?: number } | null
  readonly lookAlike: string | null
  readonly seat: string
  readonly source: string
}

export const CONNECTORS = {
  'main-24': {
    name: '24-pin main power',
    shape: '2 × 12, 4.2 mm pitch, splits into 20 and 4',
    key: 'latch and contact shapes',
    carries: '3.3 V, 5 V, 12 V and 5 V standby',
    limit: { W12: 144 },
    lookAlike: 'Its loose four looks like the processor’s four; other voltages.',
    seat: 'Press both halves until the latch drops over its nose.',
    source: SOURCE.atx12v,
  },
  'cpu-4': {
    name: '4-pin processor power',
    shape: '2 × 2, 4.2 mm pitch',
    key: 'latch and contact shapes',
    carries: '12 V over two contacts',
    limit: { W12: 168 },
    lookAlike: 'The loose four of the 24-pin: other voltages on the same shape.',
    seat: 'Press until the latch drops over its nose.',
    source: SOURCE.atx12v,
  },
  'cpu-8': {
    name: '8-pin processor power',
    shape: '2 × 4, splits into 4 and 4',
    key: 'latch and contact shapes',
    carries: '12 V over four contacts',
    limit: { W12: 336 },
    lookAlike: 'The card’s eight-pin: wired the opposite way. Read the print.',
    seat: 'Press until the latch drops over its nose.',
    source: SOURCE.atx12v,
  },
  'card-6': {
    name: '6-pin card power',
    shape: '2 × 3, 4.2 mm pitch',
    key: 'latch and contact shapes',
    carries: '12 V, 75 W by standard',
    limit: { W12: 75 },
    lookAlike: null,
    seat: 'Press until the latch drops over its nose.',
    source: SOURCE.pcie,
  },
  'card-8': {
    name: '8-pin card power',
    shape: '2 × 4, splits into 6 and 2',
    key: 'latch and contact shapes',
    carries: '12 V, 150 W by standard',
    limit: { W12: 150 },
    lookAlike: 'The processor’s eight-pin: wired the opposite way. Read the print.',
    seat: 'Both halves of a split plug side by side; press until the latch drops over its nose. Tug: no gap.',
    source: SOURCE.pcie,
  },
  'card-16': {
    name: '16-contact card power',
    shape: '12 power and 4 sense contacts',
    key: 'latch and contact shapes',
    carries: '12 V, up to 600 W by its sense contacts',
    limit: { W12: 600 },
    lookAlike: null,
    seat: 'Press until it clicks and no gap shows all around. Leave the first 35 mm straight.',
    source: SOURCE.pcie,
  },
  'sata-power': {
    name: 'SATA power',
    shape: '15 contacts, L',
    key: 'the L',
    carries: '12 V, 5 V and 3.3 V, 4.5 A a rail',
    limit: { W12: 54 },
    lookAlike: null,
    seat: 'Push straight until the shell meets the drive.',
    source: SOURCE.sata,
  },
  'sata-data': {
    name: 'SATA data',
    shape: '7 contacts, L',
    key: 'the L, a clip',
    carries: 'one drive',
    limit: null,
    lookAlike: null,
    seat: 'Push straight until it clicks.',
    source: SOURCE.sata,
  },
  'drive-4': {
    name: 'large 4-pin drive power',
    shape: '1 × 4, 5.08 mm pitch',
    key: 'two chamfers',
    carries: '12 V and 5 V',
    limit: { A: 10 },
    lookAlike: null,
    seat: 'Rock it in by its long sides; it has no click.',
    source: SOURCE.practice,
  },
  'usb-2': {
    name: 'USB 2 header',
    shape: '2 × 5, 2.54 mm, pin 9 missing',
    key: 'missing pin',
    carries: 'two ports',
    limit: { ports: 2 },
    lookAlike: 'FireWire has the same key and carries 12 V; front audio is nearly the same.',
    seat: 'Blocked hole over the missing pin, then press evenly.',
    source: SOURCE.usb,
  },
  'usb-3': {
    name: 'USB 3 header',
    shape: '2 × 10, 2.0 mm, pin 20 missing',
    key: 'nose',
    carries: 'two ports',
    limit: { ports: 2 },
    lookAlike: null,
    seat: 'Nose to the notch, straight down: the pin field bends if it tilts.',
    source: SOURCE.usb,
  },
  'usb-c': {
    name: 'USB-C header',
    shape: '20 contacts, key A',
    key: 'shape',
    carries: 'one port',
    limit: { ports: 1 },
    lookAlike: null,
    seat: 'Push until it clicks.',
    source: SOURCE.usb,
  },
  'audio-hd': {
    name: 'front audio, HD',
    shape: '2 × 5, 2.54 mm, pin 8 missing',
    key: 'missing pin',
    carries: 'sound, with jack sensing',
    limit: null,
    lookAlike: 'USB 2 and serial headers, but for the missing pin.',
    seat: 'Blocked hole over the missing pin, then press evenly.',
    source: SOURCE.audio,
  },
  'audio-97': {
    name: 'front audio, older',
    shape: '2 × 5, 2.54 mm, pin 8 missing',
    key: 'missing pin',
    carries: 'sound, without jack sensing',
    limit: null,
    lookAlike: 'The newer audio plug on the same lead: exactly one of them is used.',
    seat: 'Blocked hole over the missing pin, then press evenly.',
    source: SOURCE.audio,
  },
  'fan-3': {
    name: '3-wire fan',
    shape: '1 × 3, 2.54 mm',
    key: 'ridge',
    carries: '12 V and speed signal',
    limit: { A: 1 },
    lookAlike: 'The small drive-power plug.',
    seat: 'Ridges to the guide, press down.',
    source: SOURCE.fan,
  },
  'fan-4': {
    name: '4-wire fan',
    shape: '1 × 4, 2.54 mm',
    key: 'ridge',
    carries: '12 V, speed signal and control',
    limit: { A: 1 },
    lookAlike: 'The 12 V lights header: 12 V and ground meet wrongly.',
    seat: 'Ridges to the guide, press down.',
    source: SOURCE.fan,
  },
  'light-12': {
    name: '12 V lights',
    shape: '1 × 4, 2.54 mm',
    key: 'an arrow, no more',
    carries: '12 V common and three colours',
    limit: { A: 3 },
    lookAlike: 'The 5 V lights header (three pins of four), and the 4-wire fan header.',
    seat: 'Arrow to 12 V, press down.',
    source: SOURCE.practice,
  },
  'light-5': {
    name: '5 V lights',
    shape: '3 pins of 4, 2.54 mm',
    key: 'the gap',
    carries: '5 V, data and ground',
    limit: { A: 3 },
    lookAlike: 'The 12 V lights header: a 5 V strip dies on it, and may take the header with it.',
    seat: 'Gap to gap, press down.',
    source: SOURCE.practice,
  },
  'panel-lead': {
    name: 'front-panel lead',
    shape: 'loose 1 × 2 or 1 × 3, 2.54 mm',
    key: 'none',
    carries: 'a switch or a small light',
    limit: null,
    lookAlike: 'Every other loose front-panel lead: read its print.',
    seat: 'Slide over its two pins.',
    source: SOURCE.panel,
  },
  'panel-block': {
    name: 'front-panel block plug',
    shape: '2 × 5, 2.54 mm, pin 10 missing',
    key: 'missing pin',
    carries: 'all switches and lights of the front',
    limit: null,
    lookAlike: 'USB 2 and audio headers, but for the missing pin.',
    seat: 'Blocked hole over the missing pin, then press evenly.',
    source: SOURCE.panel,
  },
  'main-20': {
    name: '20-pin main power',
    shape: '2 × 10, 4.2 mm pitch',
    key: 'latch and contact shapes',
    carries: '3.3 V, 5 V, 12 V and 5 V standby, one contact less of each than the 24-pin',
    limit: { W12: 72 },
    lookAlike: null,
    seat: 'Press until the latch drops over its nose.',
    source: SOURCE.atx12v,
  },
  'board-pair': {
    name: 'twin board power',
    shape: '2 plugs of 1 × 6, 3.96 mm pitch',
    key: 'weak: both plugs fit both ways round',
    carries: '5 V, 12 V, −5 V, −12 V',
    limit: { W12: 60 },
    lookAlike: 'Its own twin: a crossed pair destroys the board.',
    seat: 'Black wires meet in the middle; tilt each plug in, then press.',
    source: SOURCE.practice,
  },
  'drive-small-4': {
    name: 'small 4-pin drive power',
    shape: '1 × 4, 2.5 mm pitch',
    key: 'ridge',
    carries: '12 V and 5 V',
    limit: { A: 2 },
    lookAlike: 'A fan plug: 5 V would be shorted.',
    seat: 'Ridge to the notch; it goes in half a pin off as well, so look.',
    source: SOURCE.practice,
  },
  'ribbon-40': {
    name: '40-pin ribbon',
    shape: '2 × 20, 2.54 mm',
    key: 'middle pin missing, nose',
    carries: 'two drives, first and second',
    limit: null,
    lookAlike: null,
    seat: 'Stripe to pin 1, press evenly. Blue to the board, black first, grey second.',
    source: SOURCE.ata,
  },
  'ribbon-34': {
    name: '34-pin ribbon',
    shape: '2 × 17, 2.54 mm',
    key: 'a pin missing, where it is',
    carries: 'two floppy drives; the end past the twist is the first',
    limit: null,
    lookAlike: null,
    seat: 'Stripe to pin 1, press evenly. A lamp that stays lit means it is the wrong way round.',
    source: SOURCE.practice,
  },
  'mini-sas': {
    name: 'mini-SAS',
    shape: 'four lanes in one latch; two shapes that do not mate',
    key: 'shape',
    carries: 'four drives over a fan-out',
    limit: null,
    lookAlike: 'Forward and reverse fan-outs look alike and are not.',
    seat: 'Push until it clicks; pull the tab to take it out.',
    source: SOURCE.sas,
  },
  serial: {
    name: 'serial header',
    shape: '2 × 5, 2.54 mm, pin 10 missing',
    key: 'missing pin',
    carries: 'RS-232; brackets come in two wirings',
    limit: null,
    lookAlike: 'USB 2 and front audio, but for the missing pin.',
    seat: 'Blocked hole over the missing pin, then press evenly.',
    source: SOURCE.practice,
  },
  firewire: {
    name: 'FireWire header',
    shape: '2 × 5, 2.54 mm, pin 9 missing',
    key: 'missing pin, the same as USB 2',
    carries: 'one port, 12 V',
    limit: { ports: 1 },
    lookAlike: 'USB 2: the same key, goes in without force, and kills the port or the device.',
    seat: 'Read the print first. Blocked hole over the missing pin, then press evenly.',
    source: SOURCE.firewire,
  },
  speaker: {
    name: 'beeper',
    shape: '1 × 4, 2.54 mm',
    key: 'none',
    carries: '5 V at one end, signal at the other',
    limit: null,
    lookAlike: 'Any other row of four pins: read the print.',
    seat: 'Slide over its four pins.',
    source: SOURCE.panel,
  },
  probe: {
    name: 'temperature probe',
    shape: '1 × 2, 2.54 mm',
    key: 'none',
    carries: 'a resistance that follows the temperature',
    limit: null,
    lookAlike: 'Front-panel leads: read the print.',
    seat: 'Slide over its two pins; either way round.',
    source: SOURCE.practice,
  },
  'light-own': {
    name: 'lights, a maker’s own plug',
    shape: 'by its maker',
    key: 'shape',
    carries: 'what its controller gives',
    limit: null,
    lookAlike: 'Never assumed to fit another maker’s controller.',
    seat: 'Only into its own controller.',
    source: SOURCE.maker,
  },
  'usb-a': {
    name: 'USB-A socket',
    shape: '4 or 9 contacts, flat',
    key: 'shape',
    carries: 'one device',
    limit: { ports: 1 },
    lookAlike: null,
    seat: 'Push straight.',
    source: SOURCE.usb,
  },
  'usb-c-socket': {
    name: 'USB-C socket',
    shape: '24 contacts, oval, either way',
    key: 'shape',
    carries: 'one device',
    limit: { ports: 1 },
    lookAlike: 'Sockets with and without a picture look the same.',
    seat: 'Push straight until it clicks.',
    source: SOURCE.usb,
  },
  hdmi: {
    name: 'HDMI socket',
    shape: '19 contacts',
    key: 'shape',
    carries: 'picture and sound',
    limit: null,
    lookAlike: null,
    seat: 'Push straight. On the card when there is one, never on the board then.',
    source: SOURCE.practice,
  },
  displayport: {
    name: 'DisplayPort socket',
    shape: '20 contacts, one corner cut',
    key: 'shape, latch',
    carries: 'picture and sound',
    limit: null,
    lookAlike: null,
    seat: 'Push until it clicks; press the latch to take it out.',
    source: SOURCE.practice,
  },
  vga: {
    name: 'VGA socket',
    shape: '15 contacts, two screws',
    key: 'shape',
    carries: 'picture',
    limit: null,
    lookAlike: 'A serial socket of nine contacts has the same shell, narrower.',
    seat: 'Push straight, turn both screws by hand.',
    source: SOURCE.practice,
  },
  network: {
    name: 'network socket',
    shape: '8 contacts',
    key: 'latch',
    carries: 'network',
    limit: null,
    lookAlike: null,
    seat: 'Push until it clicks.',
    source: SOURCE.practice,
  },
  'audio-jack': {
    name: 'sound socket',
    shape: '3.5 mm, round',
    key: 'none: read the colour or the print',
    carries: 'sound, in or out',
    limit: null,
    lookAlike: 'Its neighbours: in, out and microphone are alike.',
    seat: 'Push until it clicks.',
    source: SOURCE.practice,
  },
  ps2: {
    name: 'round keyboard socket',
    shape: '6 contacts, round',
    key: 'a plastic post',
    carries: 'keyboard or mouse',
    limit: null,
    lookAlike: 'Keyboard and mouse have the same shape.',
    seat: 'Arrow up, post to the slot. With the power off.',
    source: SOURCE.practice,
  },
} as const satisfies Record<string, Connector>

export type PlugFace = keyof typeof CONNECTORS

/** Meetings of mechanical faces: how the joint is made and with how many fasteners. */
export interface Meeting {
  readonly name: string
  readonly kind: 'screw' | 'seat' | 'rest'
  readonly source: string
}

export const MECHANICAL = {
  tray: { name: 'board on standoffs', kind: 'screw', source: SOURCE.atx },
  aperture: { name: 'shield in the rear opening', kind: 'seat', source: SOURCE.atx },
  'processor-socket': { name: 'processor socket', kind: 'seat', source: SOURCE.maker },
  'cooler-mount': { name: 'cooler mount', kind: 'screw', source: SOURCE.maker },
  slot: { name: 'card slot', kind: 'screw', source: SOURCE.pcie },
  'memory-slot': { name: 'memory slot', kind: 'seat', source: SOURCE.jedec },
  'm2-slot': { name: 'M.2 slot', kind: 'screw', source: SOURCE.m2 },
  'supply-place': { name: 'supply mount', kind: 'screw', source: SOURCE.atx12v },
  'fan-place': { name: 'fan place', kind: 'screw', source: SOURCE.practice },
  bay: { name: 'drive bay', kind: 'screw', source: SOURCE.practice },
  'radiator-place': { name: 'radiator place', kind: 'screw', source: SOURCE.practice },
  'rear-cover': { name: 'rear slot cover', kind: 'screw', source: SOURCE.atx },
  spot: { name: 'place for a small thing', kind: 'rest', source: SOURCE.practice },
} as const satisfies Record<string, Meeting>

export type MechanicalFace = keyof typeof MECHANICAL
export type Face = PlugFace | MechanicalFace

export const isMechanical = (face: Face): face is MechanicalFace => face in MECHANICAL

/**
 * A plug in a socket of another shape that it fits: what it costs. Same into same is clear and
 * needs no row. `stop` goes in and does not work; `harm` goes in and destroys. Neither is ever
 * planned; a hand can still do it.
 */
export interface Mating {
  readonly plug: PlugFace
  readonly socket: PlugFace
  readonly verdict: 'clear' | 'watch' | 'stop' | 'harm'
  readonly note: string
  readonly source: string
}

export const MATINGS: readonly Mating[] = [
  {
    plug: 'cpu-4',
    socket: 'cpu-8',
    verdict: 'watch',
    note: 'half the socket stays empty: 168 W',
    source: SOURCE.atx12v,
  },
  {
    plug: 'fan-3',
    socket: 'fan-4',
    verdict: 'clear',
    note: 'three wires on a four-pin header: speed follows the voltage, where the header can lower it',
    source: SOURCE.fan,
  },
  {
    plug: 'fan-4',
    socket: 'fan-3',
    verdict: 'clear',
    note: 'four wires on a three-pin header: speed follows the voltage',
    source: SOURCE.fan,
  },
  {
    plug: 'card-6',
    socket: 'card-8',
    verdict: 'watch',
    note: 'six contacts in a socket of eight: 75 W, and the card may refuse',
    source: SOURCE.pcie,
  },
  {
    plug: 'cpu-8',
    socket: 'card-8',
    verdict: 'harm',
    note: 'wired the opposite way: a short, and supply or card is lost',
    source: SOURCE.atx12v,
  },
  {
    plug: 'card-8',
    socket: 'cpu-8',
    verdict: 'harm',
    note: 'wired the opposite way: a short, and supply or board is lost',
    source: SOURCE.atx12v,
  },
  {
    plug: 'light-5',
    socket: 'light-12',
    verdict: 'harm',
    note: '12 V on 5 V lights: the strip dies, and perhaps the header with it',
    source: SOURCE.practice,
  },
  {
    plug: 'light-12',
    socket: 'light-5',
    verdict: 'stop',
    note: '12 V lights stay dark on 5 V',
    source: SOURCE.practice,
  },
  {
    plug: 'fan-4',
    socket: 'light-12',
    verdict: 'harm',
    note: '12 V and ground meet wrongly',
    source: SOURCE.fan,
  },
  {
    plug: 'light-12',
    socket: 'fan-4',
    verdict: 'harm',
    note: '12 V and ground meet wrongly',
    source: SOURCE.fan,
  },
  {
    plug: 'main-24',
    socket: 'main-20',
    verdict: 'watch',
    note: 'the 24-pin plug on an older board: its four hang free beside the socket',
    source: SOURCE.atx12v,
  },
  {
    plug: 'main-20',
    socket: 'main-24',
    verdict: 'watch',
    note: 'twenty in twenty-four: 12 V over one contact, 72 W',
    source: SOURCE.atx12v,
  },
  {
    plug: 'usb-2',
    socket: 'firewire',
    verdict: 'harm',
    note: 'the same key, and 12 V where USB has 5 V: the device is lost',
    source: SOURCE.firewire,
  },
  {
    plug: 'firewire',
    socket: 'usb-2',
    verdict: 'harm',
    note: 'the same key, and other contacts: port or device is lost',
    source: SOURCE.firewire,
  },
  {
    plug: 'drive-small-4',
    socket: 'fan-4',
    verdict: 'harm',
    note: '5 V is shorted',
    source: SOURCE.practice,
  },
  {
    plug: 'audio-97',
    socket: 'audio-hd',
    verdict: 'watch',
    note: 'the older lead works here without jack sensing',
    source: SOURCE.audio,
  },
]

/**
 * What a plug in a socket of the same shape, or of a kindred one, means; null where it does not go
 * in.
 */
export function mating(
  plug: Face,
  socket: Face,
): { verdict: Mating['verdict']; note: string; source: string } | null {
  if (plug === socket) return { verdict: 'clear', note: '', source: faceSource(plug) }
  return MATINGS.find(m => m.plug === plug && m.socket === socket) ?? null
}

/** The socket faces that a plug goes into at all, its own first. */
export const socketFaces = (plug: Face): readonly Face[] => [
  plug,
  ...MATINGS.filter(m => m.plug === plug).map(m => m.socket),
]

export const faceName = (face: Face): string =>
  isMechanical(face) ? MECHANICAL[face].name : CONNECTORS[face].name
export const faceSource = (face: Face): string =>
  isMechanical(face) ? MECHANICAL[face].source : CONNECTORS[face].source

/** Power flows from plug to socket; everything else from socket to plug. */
const POWER: ReadonlySet<Face> = new Set<PlugFace>([
  'main-24',
  'main-20',
  'board-pair',
  'drive-small-4',
  'cpu-4',
  'cpu-8',
  'card-6',
  'card-8',
  'card-16',
  'sata-power',
  'drive-4',
])
/** Sockets on the outside, at the rear: what is plugged there is plugged last. */
export const OUTER = [
  'usb-a',
  'usb-c-socket',
  'hdmi',
  'displayport',
  'vga',
  'network',
  'audio-jack',
  'ps2',
] as const satisfies readonly PlugFace[]
const OUTER_FACES: ReadonlySet<Face> = new Set<PlugFace>(OUTER)
export const isOuter = (face: Face): boolean => OUTER_FACES.has(face)
export const isPower = (face: Face): boolean => POWER.has(face)
