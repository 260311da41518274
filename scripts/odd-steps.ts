// Steps that look odd to an assembler who reads the orders of the demos, and why each stands as it
// does. Keyed by demo and step; what is no longer in an order fails the test.

export interface OddStep {
  /** The step, by its id, as each build order of the demo has it. */
  readonly step: string
  readonly looks: string
  readonly because: string
  /** The step before it that the answer leans on, in the first build order; null where none. */
  readonly leansOn: string | null
}

export const ODD_STEPS: Readonly<Record<string, readonly OddStep[]>> = {
  plover: [
    {
      step: 'cooler:cooler/mount~board/cooler',
      looks: 'The cooler goes on before the board is in the case.',
      because: 'It is 65 mm high and reaches over no hole of the board: both hands get at it here.',
      leansOn: 'processor:processor/seat~board/processor',
    },
    {
      step: 'data-plug:sata',
      looks: 'Both ends of one lead in one step.',
      because: 'Board and disk lie side by side; there is nothing to do between the two.',
      leansOn: 'drive:disk/bay~case/bay-1',
    },
    {
      step: 'fan:fan/frame~case/top',
      looks: 'A fan over the place of the board, before the board.',
      because: 'It is at the wall; the board passes 40 mm below it.',
      leansOn: 'task:panels-off',
    },
  ],
  avocet: [
    {
      step: 'open:case/usb-b',
      looks: 'A step of no minutes with no partner, before the first screw.',
      because: 'Settled late it means a second order, a second opening: here it costs a thought.',
      leansOn: 'task:bench',
    },
    {
      step: 'task:supply-cables:supply',
      looks: 'Cables are plugged into a supply that is screwed in much later.',
      because: 'In its place under the shroud no hand fits behind its field of plugs.',
      leansOn: 'task:bench',
    },
    {
      step: 'data-plug:sata-1:port',
      looks: 'A disk’s lead hangs from the board while the board is carried.',
      because: 'Its port opens sideways toward the cage: in the case no hand gets at it.',
      leansOn: 'cooler:cooler/mount~board/cooler',
    },
    {
      step: 'power-plug:supply/cpu-1.1~board/cpu-power',
      looks: 'The processor’s plug comes after a tower cooler and the fans at the top.',
      because:
        'The hand room over it was measured out: neither stands in it. Where one does, it comes first.',
      leansOn: 'board-in:board/mount~case/tray',
    },
    {
      step: 'power-plug:supply/card-1.1~card-adapter/in-1',
      looks: 'Leads for a card are plugged before the card is in.',
      because: 'They go into an adapter that lies free; only its own plug waits for the card.',
      leansOn: 'supply-in:supply/mount~case/supply',
    },
    {
      step: 'power-plug:supply/sata-1.4~light-hub/power',
      looks: 'The case is turned about for two plugs behind the tray, then turned back.',
      because: 'All small plugs on the board come before stiff leads; one turn more keeps to that.',
      leansOn: 'hub:light-hub/stick~case/back-low',
    },
    {
      step: 'task:firmware:board',
      looks: 'The board is flashed with drives and disks plugged, not on the table.',
      because: 'It wants main power and the processor’s plug; cards, in its way, come after it.',
      leansOn: 'power-plug:supply/main.1~board/main',
    },
    {
      step: 'task:dress',
      looks: 'Leads are tied only after the first start.',
      because: 'A tie that is cut again for a plug that was loose is done twice.',
      leansOn: 'task:first-power',
    },
  ],
  teal: [
    {
      step: 'task:piece-off:front:case',
      looks: 'The front comes off though nothing is plugged there.',
      because:
        'The radiator is screwed on from in front; the front goes on again at once after it.',
      leansOn: 'task:panels-off',
    },
    {
      step: 'cooler:cooler/mount~board/cooler',
      looks: 'The cooler is mounted in the case, the board already in.',
      because: 'Its block hangs on the radiator by the tubes: nobody carries both in together.',
      leansOn: 'radiator:cooler/radiator~case/radiator-front',
    },
  ],
  curlew: [
    {
      step: 'power-plug:supply/pair.1.9~board/pair',
      looks: 'P9 is told to go where P8 belongs.',
      because:
        'Somebody joined the pair crossed by hand. The finding says harm, and the bench holds the ' +
        'step until it is put right.',
      leansOn: 'board-in:board/mount~case/tray',
    },
    {
      step: 'small-plug:battery/lead~board/battery',
      looks: 'A battery is plugged before any power.',
      because: 'It keeps a clock and settings at 6 V behind a diode: it starts nothing.',
      leansOn: 'board-in:board/mount~case/tray',
    },
    {
      step: 'card:display/seat~board/slot-1',
      looks: 'The display card goes in after the power leads of the drives.',
      because: 'Past it no hand gets at the plugs of the controller.',
      leansOn: 'data-plug:ribbon-disks',
    },
  ],
}
