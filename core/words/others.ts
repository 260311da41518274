// Words of the field that no field of a part carries, each in one sentence.
import type { PlugFace } from '../connectors/connectors'

/** A word of the field. */
export interface Word {
  readonly word: string
  readonly says: string
  /** How else it stands in a sentence. */
  readonly also?: readonly string[]
  /** The connector that shows it. */
  readonly shows?: PlugFace
}

/** Other words that stand on the screens. */
export const OTHER_WORDS: readonly Word[] = [
  {
    word: 'rail',
    says: 'One voltage that the power supply gives: 12 V, 5 V, 3.3 V; its amps are limited by themselves.',
    also: ['12 V rail'],
  },
  {
    word: 'standby',
    says: 'The small 5 V that runs while the machine is off, so that its switch and its lamps work.',
    also: ['5 V standby'],
  },
  {
    word: 'transient load',
    says: 'A load of some 100 µs that no wattmeter shows and that can switch a supply off.',
    also: ['transient'],
  },
  {
    word: 'sizing rule',
    says: 'By which rule a supply is found large enough: its headroom over what the machine draws.',
    also: ['headroom'],
  },
  { word: 'TDP', says: 'The heat that a processor is rated for; for a short while it draws more.' },
  {
    word: 'firmware',
    says: 'The program on the motherboard that starts the machine; a newer processor may need a newer one.',
    also: ['BIOS'],
  },
  {
    word: 'flash',
    says: 'To write a newer firmware to the board, on some boards without a processor.',
    also: ['flashes', 'flashing'],
  },
  {
    word: 'POST',
    says: 'The test that the board makes of itself at each start: lamps, beeps or codes tell where it stands.',
    also: ['self-test'],
  },
  {
    word: 'CMOS',
    says: 'Where the board keeps its settings while mains are off; clearing it takes it back to the first ones.',
    also: ['clear CMOS'],
  },
  {
    word: 'coin cell',
    says: 'The battery that keeps clock and settings; dangerous when swallowed.',
  },
  {
    word: 'thermal paste',
    says: 'Fills what is not flat between processor and cooler; too thick it insulates.',
    also: ['paste', 'thermal compound'],
  },
  {
    word: 'film',
    says: 'A foil that is taken off before a cold plate or a pad meets its chip.',
    also: ['protective film'],
  },
  { word: 'cold plate', says: 'The face of a cooler that touches the processor.' },
  {
    word: 'heat spreader',
    says: 'The metal lid of a processor: its top is what a cooler’s height counts from.',
    also: ['lid of the processor'],
  },
  {
    word: 'heat sink',
    says: 'Fins that give heat to the air; some M.2 drives have one, and many boards bring one.',
  },
  {
    word: 'tower cooler',
    says: 'A cooler whose fins stand up from the board: tall, and wide over what is beside it.',
  },
  {
    word: 'liquid cooler',
    says: 'A block with a pump on the processor, a radiator elsewhere, two tubes between.',
    also: ['AIO', 'radiator'],
  },
  {
    word: 'push and pull',
    says: 'Fans on both sides of a radiator: one blows in, the other draws out.',
  },
  {
    word: 'pump header',
    says: 'A fan header that gives full voltage at all times; a pump must not be slowed.',
    shows: 'fan-4',
  },
  {
    word: 'fan hub',
    says: 'Feeds several fans from one header or one power plug; one of them reports its speed.',
    also: ['hub'],
  },
  {
    word: 'LED controller',
    says: 'Feeds several LED plugs and sets their colours.',
  },
  {
    word: 'daisy chain',
    says: 'Plugs one after the other on one lead: each carries what follows it.',
    also: ['daisy-chained'],
  },
  {
    word: 'intake',
    says: 'Where air goes in: front, floor or side, best behind a filter.',
    also: ['dust filter'],
  },
  {
    word: 'negative pressure',
    says: 'With more air out than in, dust comes in at every gap.',
    also: ['more out than in'],
  },
  {
    word: 'shroud',
    says: 'The cover over the power supply and its cables; often with slots for plugs.',
    also: ['power supply shroud'],
  },
  {
    word: 'cage',
    says: 'Holds drives; can often be taken out to make room.',
    also: ['drive cage'],
  },
  {
    word: 'slot bracket',
    says: 'The metal plate at the rear end of a card, screwed to the case.',
    also: ['bracket'],
  },
  {
    word: 'slot cover',
    says: 'Closes a rear slot that no card uses; comes off for a card and goes back when it comes out.',
    also: ['rear slot cover', 'blank'],
  },
  {
    word: 'riser',
    says: 'A short lead that lets a card stand upright, away from its slot.',
    also: ['riser card'],
  },
  {
    word: 'opening (grommet)',
    says: 'A hole in the tray or the shroud through which leads pass to the back.',
    also: ['grommet'],
  },
  {
    word: 'tie point',
    says: 'A loop of the tray to which a cable tie holds leads.',
    also: ['cable tie'],
  },
  {
    word: 'behind the tray',
    says: 'The room between tray and far panel, where leads lie out of the air.',
  },
  {
    word: 'slack',
    says: 'What a lead has more than its way: some is needed so that a panel opens and a drive comes out.',
  },
  { word: 'hand room', says: 'How much room a hand needs to push or pull a plug.' },
  {
    word: 'processor power',
    says: 'The 4 or 8 contacts that feed the processor: never the plug of a card, which looks alike.',
    also: ['CPU power', 'EPS'],
    shows: 'cpu-8',
  },
  {
    word: 'main power',
    says: 'The wide plug that feeds the board.',
    also: ['24-pin'],
    shows: 'main-24',
  },
  {
    word: 'sense contacts',
    says: 'Four small contacts of the 16-contact plug that tell the card how much it may draw.',
    shows: 'card-16',
  },
  {
    word: 'adapter',
    says: 'Makes one plug of another; it carries no more than the plug it hangs on.',
  },
  {
    word: 'look-alike',
    says: 'A plug or socket that goes in by force, and then does not work or destroys.',
    also: ['look alike'],
  },
  {
    word: 'pin 1',
    says: 'The first contact, marked by a triangle, a square pad or a bevel: where counting begins.',
    shows: 'usb-2',
  },
  {
    word: 'HDD LED',
    says: 'Blinks while a drive works; lights only one way round.',
    also: ['power LED'],
    shows: 'panel-lead',
  },
  {
    word: 'power switch',
    says: 'Joins two pins for a moment; either way round works.',
    also: ['reset switch'],
    shows: 'panel-lead',
  },
  { word: 'NVMe', says: 'A language of fast drives: spoken over PCI Express lanes.' },
  {
    word: 'SATA',
    says: 'A language and a plug of drives: data by 7 contacts, power by 15.',
    also: ['SATA data'],
    shows: 'sata-data',
  },
  {
    word: 'M.2 drive',
    says: 'A drive as a small board that lies flat on the motherboard, held by one screw.',
    also: ['M.2 slot', 'M.2'],
  },
  {
    word: 'PCI Express',
    says: 'The bus of cards and fast drives: lanes times generation is its speed.',
    also: ['PCIe'],
  },
  {
    word: 'memory profile',
    says: 'Settings stored on a module with which it runs faster than by standard; chosen in the firmware.',
  },
  {
    word: 'rank',
    says: 'Memory chips that are read at once; two ranks a module are harder on the processor than one.',
  },
  {
    word: 'dual channel',
    says: 'Two modules in the right slots are read side by side, twice as fast.',
    also: ['channels'],
  },
  { word: 'basis', says: 'Where a figure comes from: measured, by the sheet, typical, assumed.' },
  {
    word: 'tolerance',
    says: 'By how much a figure may be off: within it a verdict can turn.',
    also: ['tight'],
  },
  {
    word: 'margin',
    says: 'What is left between what is there and what is needed, with its tolerance.',
  },
  {
    word: 'clear zone',
    says: 'Room that nothing solid may enter: for a bent plug, a hand, the air of a fan.',
  },
  {
    word: 'hot-plug',
    says: 'To plug or unplug while the machine runs: only where drive, bay and port are made for it.',
  },
  {
    word: 'static discharge (ESD)',
    says: 'A spark of static, too small to feel, can kill a chip: touch bare metal of the case first.',
    also: ['ESD', 'discharge', 'wrist strap', 'strap'],
  },
  {
    word: 'accept',
    says: 'To leave something open on purpose, with the reason: it no longer holds up the work.',
    also: ['accepted'],
  },
  {
    word: 'build order',
    says: 'By which habit the steps are arranged: what first, what last.',
  },
  {
    word: 'first power-on',
    says: 'The first start, with as little joined as it takes, before the case is closed.',
    also: ['first start'],
  },
]
