// Sound machines: put together as a builder would who knows, over all cases and generations of the
// shelf. None stops, none harms; what is told of them besides is defended here.
import type { Build } from '../document/build'
import { change, part, then } from '../test-helpers/demos'
import { buildFrom } from '../test-helpers/planted-machine'

/** Why a sound machine is told so much and no less. */
const DEFENDED: Readonly<Record<string, string>> = {
  'measure routes/lead-length': 'nobody laid the lead: the way was worked out, and it is close',
  'measure panel/block-map': 'the case’s block plug does not say which contact is for what',
  'measure fit/board-room': 'the case promises E-ATX, and states no depth of its tray',
  'measure fit/supply-length':
    'what the plugs of a modular supply add is assumed, and 10 mm are left',
  'measure power/surge': 'small cards surge by custom, no standard says how far',
  'measure fit/tube-reach':
    'how far a tube bends is no more than practice, and the radiator is far',
  'measure fit/card-plug': 'how long a plug stays straight is no more than practice',
  'watch joints/pump-header':
    'the board has no header for a pump: another one is set to full speed',
  'watch air/balance': 'the radiator on top blows out, and no fan was bought for the front',
  'watch air/warm-radiator': 'the radiator sits on top, where it breathes what the card warms',
  'watch air/room': 'the one slot left for the sound card is that before the fans of the other',
  'watch panel/plug-width': 'the power LED’s plug has three contacts, the block two',
  'watch fit/memory-speed': 'the modules are rated for more than the board promises',
  'watch fit/paste': 'the cooler comes without paste, and no tube was bought',
  'watch fit/picture': 'it runs without a screen: for the set-up one is borrowed',
  'watch power/factor': 'supplies of those years have no power-factor correction',
  'measure joints/jumper': 'how the display jumper stands is seen with the board in hand',
  'measure power/least-load': 'what such old parts draw at rest is no more than usual of them',
  'measure fit/cooler-height': 'the room of that case is no more than its archetype’s',
  'watch fit/standoff-count': 'the bag holds fewer standoffs than the board has holes',
  'watch fit/standoff-thread': 'the tray has no thread under some of the board’s holes',
  'watch fit/covered': 'the card lies over ports that this machine does not use',
  'watch joints/joined': 'half of the processor’s plug goes into a socket of eight',
}

const sound: readonly (readonly [machine: string, parts: string, ...told: string[]])[] = [
  // shoebox and cube, small boards
  [
    'reedbox',
    'fenwright-reedbox-12 saltpan-inlet-2 quillmark-t2-65 ottery-lowbank-47 ' +
      'merewick-d5-2x8 dunlin-s300',
    'measure routes/lead-length',
    'watch panel/plug-width',
  ],
  [
    'reedbox, eight pins',
    'fenwright-reedbox-12 saltpan-inlet-3 quillmark-t2-65 ottery-lowbank-47 ' +
      'merewick-d5-2x8 dunlin-s300',
    'measure routes/lead-length',
    'watch panel/plug-width',
  ],
  [
    'reedbox, the older socket',
    'fenwright-reedbox-12 marram-slack-i quillmark-k5-45 kelder-lever-k5 ' +
      'merewick-d4-2x8 dunlin-s300',
    'measure routes/lead-length',
    'watch panel/plug-width',
  ],
  [
    'quay',
    'brackwater-quay-30 saltpan-inlet-3 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'quay, microATX',
    'brackwater-quay-30 marram-dune-m quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch fit/standoff-count',
  ],
  [
    'quay, the older socket',
    'brackwater-quay-30 saltpan-marsh-4 quillmark-k5-45 ottery-lowbank-65 ' +
      'merewick-d4-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch fit/standoff-count',
  ],
  [
    'quay, the smallest board',
    'brackwater-quay-30 marram-slack-i quillmark-k5-45 ottery-lowbank-65 ' +
      'merewick-d4-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  // towers with a shroud
  [
    'tall',
    'fenwright-tall-40 saltpan-estuary-7 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'tall, many ports',
    'fenwright-tall-40 saltpan-lagoon-6 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'tall, microATX',
    'fenwright-tall-40 marram-dune-m quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch fit/memory-speed',
  ],
  [
    'tall, the older socket',
    'fenwright-tall-40 saltpan-marsh-7 quillmark-k5-45 ottery-lowbank-65 ' +
      'merewick-d4-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'tall, two generations back',
    'fenwright-tall-40 saltpan-old-3 quillmark-l1-84 kelder-post-92 merewick-d3-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'harbour',
    'brackwater-harbour-4 saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'harbour, the smallest board',
    'brackwater-harbour-4 saltpan-inlet-3 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'harbour, microATX',
    'brackwater-harbour-4 marram-dune-m quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch fit/memory-speed',
  ],
  [
    'harbour M',
    'brackwater-harbour-m saltpan-inlet-2 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 teazle-t450',
    'measure routes/lead-length',
  ],
  [
    'harbour M, microATX',
    'brackwater-harbour-m marram-dune-m quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 teazle-t450',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch fit/standoff-count',
  ],
  [
    'harbour M, the older socket',
    'brackwater-harbour-m saltpan-marsh-4 quillmark-k5-45 ottery-lowbank-65 ' +
      'merewick-d4-2x8 teazle-t450',
    'measure routes/lead-length',
    'watch fit/standoff-count',
  ],
  [
    'haystack',
    'fenwright-haystack-8 saltpan-lagoon-6 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure routes/lead-length',
  ],
  [
    'haystack, the older socket',
    'fenwright-haystack-8 saltpan-marsh-7 quillmark-k5-45 ottery-lowbank-65 ' +
      'merewick-d4-2x8 dunlin-a550',
    'measure routes/lead-length',
  ],
  [
    'haystack, two generations back',
    'fenwright-haystack-8 saltpan-old-3 quillmark-l1-84 kelder-post-92 merewick-d3-2x8 dunlin-a550',
    'measure routes/lead-length',
  ],
  // flat, open, in two chambers
  [
    'flatfen',
    'fenwright-flatfen-2 saltpan-inlet-2 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure routes/lead-length',
  ],
  [
    'flatfen, microATX',
    'fenwright-flatfen-2 saltpan-marsh-4 quillmark-k5-45 ottery-lowbank-65 ' +
      'merewick-d4-2x8 dunlin-a550',
    'measure routes/lead-length',
    'watch fit/standoff-thread',
  ],
  [
    'bench',
    'fenwright-openstile saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure routes/lead-length',
  ],
  [
    'bench, E-ATX',
    'fenwright-openstile marram-crest-9 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure fit/board-room',
    'measure routes/lead-length',
  ],
  [
    'twinlock',
    'brackwater-twinlock-8 saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  // with what else a machine has
  [
    'tall, with fans and a stick',
    'fenwright-tall-40 saltpan-lagoon-6 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 ' +
      'dunlin-a550 ottery-breeze-120 ottery-breeze-120 sedgeline-n4-500',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'harbour, for pictures',
    'brackwater-harbour-4 saltpan-lagoon-9 quillmark-t2-105n ottery-highbank-120 ' +
      'merewick-d5-2x8 dunlin-a1000 strandline-breeze-160 sedgeline-n5-1000 ottery-breeze-120 ' +
      'ottery-breeze-120 ottery-breeze-120',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'haystack, for disks',
    'fenwright-haystack-8 saltpan-lagoon-6 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x16 dunlin-a850 sedgeline-r3-4000 sedgeline-r3-4000 hollin-sata-700 ' +
      'hollin-sata-700',
    'measure routes/lead-length',
    'watch fit/memory-speed',
  ],
  [
    'harbour M, with a small card',
    'brackwater-harbour-m saltpan-marsh-4 quillmark-k5-45 ottery-lowbank-65 merewick-d4-2x8 ' +
      'teazle-t450 marram-gorse-75 reedsong-voice-2',
    'measure routes/lead-length',
    'watch air/room',
    'watch fit/standoff-count',
  ],
  [
    'quay, with a stick',
    'brackwater-quay-30 marram-dune-m quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 dunlin-a550 ' +
      'sedgeline-n4-1000',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch fit/standoff-count',
  ],
  [
    'flatfen, a card with its low bracket',
    'fenwright-flatfen-2 saltpan-marsh-4 quillmark-k5-45 ottery-lowbank-65 merewick-d4-2x8 ' +
      'dunlin-a550 reedsong-voice-2',
    'measure routes/lead-length',
    'watch fit/standoff-thread',
  ],
  [
    'bench, with a fast network card',
    'fenwright-openstile saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 ' +
      'dunlin-a550 hollin-net-10 sedgeline-n5-1000',
    'measure routes/lead-length',
  ],
  // with what stands outside
  [
    'tall, on a desk',
    'fenwright-tall-40 saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 ' +
      'dunlin-a550 marram-view-27 hollin-keys hollin-mouse reedsong-monitors sedgeline-vault-ext',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'reedbox, with a short stick and a monitor',
    'fenwright-reedbox-12 saltpan-inlet-3 quillmark-t2-35 ottery-lowbank-47 merewick-d5-2x8 ' +
      'dunlin-s300 sedgeline-n4-500 pennick-nub-16 marram-view-27',
    'measure routes/lead-length',
    'watch panel/plug-width',
  ],
  [
    'haystack, two generations back, an old monitor',
    'fenwright-haystack-8 saltpan-old-3 quillmark-l1-84 kelder-post-92 merewick-d3-2x8 ' +
      'dunlin-a550 marram-view-19 hollin-keys',
    'measure routes/lead-length',
  ],
  // with a mains switch at the front
  [
    'barn, for ribbons and one display card',
    'fenwright-barn-at saltpan-weir-486 quillmark-heron-100 ottery-heronclip merewick-simm-2x16 ' +
      'teazle-at-200 marram-isa-vga sedgeline-ide-2 hollin-ribbon-40',
    'measure joints/jumper',
    'measure power/least-load',
    'measure routes/lead-length',
    'watch fit/paste',
    'watch power/factor',
  ],
  [
    'barn, with floppies of both sizes',
    'fenwright-barn-at saltpan-weir-486 quillmark-heron-100 ottery-heronclip merewick-simm-2x16 ' +
      'teazle-at-200 marram-isa-vga sedgeline-ide-2 hollin-ribbon-40 sedgeline-floppy-35 ' +
      'sedgeline-floppy-525 hollin-ribbon-34 hollin-keys-din',
    'measure joints/jumper',
    'measure power/least-load',
    'measure routes/lead-length',
    'watch fit/paste',
    'watch power/factor',
  ],
]

/** Machines in which bodies come near each other: cooled by liquid, small, of two chambers. */
const tight: typeof sound = [
  [
    'harbour, liquid at the front',
    'brackwater-harbour-4 saltpan-lagoon-9 quillmark-t2-65 ottery-rill-240 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch joints/pump-header',
  ],
  [
    'harbour, liquid of 280',
    'brackwater-harbour-4 saltpan-lagoon-9 quillmark-t2-65 kelder-brook-280 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch joints/pump-header',
  ],
  [
    'harbour M, liquid at the front',
    'brackwater-harbour-m marram-dune-m quillmark-t2-65 ottery-rill-240 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch fit/standoff-count',
    'watch joints/pump-header',
  ],
  [
    'twinlock, liquid of 360',
    'brackwater-twinlock-8 saltpan-lagoon-9 quillmark-t2-65 ottery-rill-360 ' +
      'fescue-blade-2x32 dunlin-a550',
    'measure fit/tube-reach',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch joints/pump-header',
  ],
  [
    'twinlock, a large board',
    'brackwater-twinlock-8 marram-crest-9 quillmark-t2-65 ottery-rill-360 ' +
      'fescue-blade-2x32 dunlin-a1000',
    'measure fit/supply-length',
    'measure fit/tube-reach',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch joints/pump-header',
  ],
  [
    'estuary, liquid of 360 and a long card',
    'brackwater-estuary-xl saltpan-lagoon-9 quillmark-t2-105n ottery-rill-360 ' +
      'merewick-d5-2x8 dunlin-a1000 strandline-gale-450',
    'measure fit/card-plug',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch air/balance',
    'watch air/warm-radiator',
    'watch joints/pump-header',
  ],
  [
    'estuary, liquid of 280 and disks',
    'brackwater-estuary-xl saltpan-lagoon-9 quillmark-t2-65 kelder-brook-280 ' +
      'merewick-d5-2x8 dunlin-a850 sedgeline-r3-4000 hollin-sata-700',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch air/balance',
    'watch joints/pump-header',
  ],
  [
    'haystack, liquid at the top',
    'fenwright-haystack-8 saltpan-lagoon-9 quillmark-t2-65 ottery-rill-240 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure routes/lead-length',
    'watch air/balance',
    'watch joints/pump-header',
  ],
  [
    'quay, liquid at the front',
    'brackwater-quay-30 marram-dune-m quillmark-t2-65 ottery-rill-240 merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch fit/standoff-count',
    'watch joints/pump-header',
  ],
  [
    'bench, liquid and a long card',
    'fenwright-openstile saltpan-lagoon-9 quillmark-t2-105n ottery-rill-240 ' +
      'merewick-d5-2x8 dunlin-a1000 strandline-gale-450',
    'measure routes/lead-length',
    'watch joints/pump-header',
  ],
  [
    'chest, small with room',
    'fenwright-chest-20 saltpan-inlet-3 quillmark-t2-65 kelder-post-92 merewick-d5-2x8 dunlin-s300',
    'measure routes/lead-length',
    'watch panel/plug-width',
  ],
  [
    'weathercock, its board mirrored',
    'brackwater-weathercock-7 saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550 ottery-breeze-120 ottery-breeze-120',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'weathercock, liquid at the front',
    'brackwater-weathercock-7 saltpan-lagoon-9 quillmark-t2-65 ottery-rill-240 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch joints/pump-header',
  ],
  [
    'harbour, a small supply on its plate',
    'brackwater-harbour-4 saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 ' +
      'dunlin-s300 fenwright-plate-sfx dunlin-main-extension dunlin-cpu-extension',
    'measure panel/block-map',
    'measure routes/lead-length',
  ],
  [
    'flatfen, a low cooler',
    'fenwright-flatfen-2 marram-dune-m quillmark-t2-65 ottery-lowbank-65 ' +
      'merewick-d5-2x8 dunlin-a550',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch fit/standoff-thread',
  ],
]

/** Machines that are meant to run by themselves. */
const headless: typeof sound = [
  [
    'haystack, keeps data',
    'fenwright-haystack-8 saltpan-lagoon-6 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x16 ' +
      'dunlin-a850 sedgeline-r3-4000 sedgeline-r3-4000 hollin-sata-700 hollin-sata-700',
    'measure routes/lead-length',
    'watch fit/memory-speed',
  ],
  [
    'haystack, a processor without a picture',
    'fenwright-haystack-8 saltpan-lagoon-6 quillmark-t2-105n ottery-highbank-120 ' +
      'merewick-d5-2x16 dunlin-a850',
    'measure fit/cooler-height',
    'measure routes/lead-length',
    'watch fit/memory-speed',
    'watch fit/picture',
  ],
]

const machine = (parts: string): Build => buildFrom(...parts.split(' ').map(part))

test('they are many, over every case', () => {
  expect(sound.length + headless.length).toBeGreaterThanOrEqual(40)
  expect(tight.length).toBeGreaterThanOrEqual(12)
  expect(new Set(sound.map(([, parts]) => parts.split(' ')[0])).size).toBeGreaterThanOrEqual(9)
})

test.each([...sound, ...tight])('%s', (_, parts, ...told) => {
  expectSound(machine(parts), told)
})
test.each(headless)('%s', (_, parts, ...told) => {
  expectSound(change(machine(parts), { do: 'choosePurpose', purpose: 'storage' }), told)
})

test('twinlock, liquid at the front and a card upright on its riser', () => {
  const build = machine(
    'brackwater-twinlock-8 saltpan-lagoon-9 quillmark-t2-65 ottery-rill-240 merewick-d5-2x8 ' +
      'dunlin-a550 strandline-ripple-70 hollin-riser-300',
  )
  expectSound(change(build, { do: 'standCard', id: 'card-6', upright: true }), [
    'measure fit/tube-reach',
    'measure panel/block-map',
    'measure routes/lead-length',
    'watch joints/pump-header',
  ])
})

/** Nothing stops, nothing harms, and what is told besides is defended. */
function expectSound(build: Build, told: readonly string[]): void {
  const open = then(build).findings.filter(f => f.verdict !== 'clear' && f.verdict !== 'tight')
  expect(
    open.filter(f => f.verdict === 'stop' || f.verdict === 'harm').map(f => f.sentence),
  ).toEqual([])
  expect([...new Set(open.map(f => `${f.verdict} ${f.rule}`))].sort()).toEqual(told)
  for (const line of told) expect([line, DEFENDED[line]]).toEqual([line, expect.any(String)])
}
