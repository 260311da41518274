// Eleven sheets as makers and shops write them, and what each says: written for the tests in the browser
// alone, the reader was not made with them.

export interface ElevenSheet {
  readonly text: string
  /** How many of it the machine gets. */
  readonly count?: number
  /** What the part is to be in the build: paths with their values. */
  readonly says: Readonly<Record<string, unknown>>
}

const text = (...lines: readonly string[]): string => lines.join('\n')

export const ELEVEN: readonly ElevenSheet[] = [
  {
    text: text(
      'Brackwater Fen 460 Midi Tower',
      'Motherboard support: ATX, Micro-ATX, Mini-ITX',
      'Dimensions (L x W x H): 455 x 215 x 470 mm',
      'Graphics card length: max. 360 mm',
      'CPU cooler height: max. 170 mm',
      'PSU length: max. 180 mm',
      'Expansion slots: 7',
      'Drive bays: 2 x 3.5", 3 x 2.5"',
      'Fan mounts front: 3 x 120 mm / 2 x 140 mm',
      'Fan mounts rear: 1 x 120 mm',
      'Front I/O: 2 x USB 3.2 Gen 1, 1 x USB-C, audio in/out',
      'Space behind motherboard tray: 22 mm',
    ),
    says: { kind: 'case', cardRoom: 360, coolerRoom: 170, 'inner.behind': 22 },
  },
  {
    text: text(
      'Saltpan Levee B7 motherboard',
      'Socket\tTERN-2',
      'Form factor\tATX (305 x 244 mm)',
      'Memory\t4 x DDR5 DIMM, max. 192 GB, up to 6000 MT/s',
      'Expansion slots\t1 x PCIe 5.0 x16, 1 x PCIe 4.0 x4 (x16 slot), 1 x PCIe 3.0 x1',
      'M.2\t2 x M.2 2280 (PCIe 4.0 x4)',
      'SATA\t4 x SATA 6 Gb/s',
      'Fan headers\t6 x 4-pin',
      'USB internal\t1 x USB-C header, 1 x USB 3.2 Gen 1 header, 2 x USB 2.0 headers',
      'Power\t1 x 24-pin ATX, 2 x 8-pin EPS',
      'Front audio\t1 x front panel audio header',
      'Rear panel\t1 x HDMI, 1 x DisplayPort, 4 x USB-A, 1 x LAN',
    ),
    says: { kind: 'board', 'processor.socket': 'TERN-2', form: 'ATX', 'memory.type': 'DDR5' },
  },
  {
    text: text(
      'Processor: Marram T2 7500',
      'Socket TERN-2',
      'Cores / threads: 8 / 16',
      'PPT: 142 W',
      'Integrated graphics: yes',
      'Memory support: DDR5 up to 5600 MT/s',
      'PCIe lanes: 24',
    ),
    says: { kind: 'processor', socket: 'TERN-2', 'power.sustained': 142, picture: true },
  },
  {
    text: text(
      'Kelder Post 155 tower CPU cooler',
      'Height with fan | 155 mm',
      'Dimensions (W x D x H) | 124 x 98 x 155 mm',
      'Compatible sockets | TERN-2, KNOT-5',
      'RAM clearance | 44 mm',
      'TDP | 220 W',
      'Fan | 1 x 120 mm PWM, 4-pin',
      'Fan current | 0.21 A',
    ),
    says: { kind: 'cooler', height: 155, memoryRoom: 44, cools: 220 },
  },
  {
    text: text(
      'Dunlin Shoal DDR5 memory kit',
      'Capacity: 32 GB (2 x 16 GB)',
      'Speed: 6000 MT/s',
      'Voltage: 1.35 V',
      'Module height: 38,5 mm',
      'Price: 119,– €',
    ),
    says: { kind: 'memory', modules: 2, each: 16, height: 38.5, price: 119 },
  },
  {
    text: text(
      'Greylag Tarn 4070 graphics card',
      '• Bus interface: PCIe 4.0 x16',
      '• Card length: 304 mm',
      '• Slots occupied: 3',
      '• Board power: 220 W',
      '• Power connectors: 2 x 8-pin',
      '• Outputs: 3 x DisplayPort 1.4a, 1 x HDMI 2.1',
      '• Recommended PSU: 650 W',
    ),
    says: { kind: 'card', length: 304, watts: 220, slots: 3 },
  },
  {
    text: text(
      'Marlpit Rill 2 TB NVMe SSD',
      'Form factor: M.2 2280',
      'Interface: PCIe 4.0 x4, NVMe',
      'Capacity: 2 TB',
      'Sequential read: up to 7,000 MB/s',
      'Power consumption (active): 6.5 W',
    ),
    says: { kind: 'drive', gigabytes: 2000, 'm2.length': '2280' },
  },
  {
    text: text(
      'Marlpit Deep 8 TB hard disk',
      'Size: 3.5"',
      'Interface: SATA 6 Gb/s',
      'Capacity: 8 TB',
      'Dimensions: 147 x 101.6 x 26.1 mm',
      'Operating 6.8 W, idle 4.9 W',
      'Start-up current (12V): 1.8 A',
    ),
    says: { kind: 'drive', gigabytes: 8000, 'start.A12': 1.8 },
  },
  {
    text: text(
      'Dunlin Weir 750 power supply',
      'Output: 750 W; Form: ATX',
      'Efficiency: 80 PLUS Gold; Modular: fully',
      'Dimensions (W x H x D): 150 x 86 x 150 mm',
      '+12V: 62 A',
      'Main: 1 x 24-pin, 600 mm',
      'CPU: 2 x 4+4-pin, 700 mm',
      'PCIe: 4 x 6+2-pin, 600+150 mm',
      'SATA: 8 (4 per cable)',
      'Molex: 3',
    ),
    says: { kind: 'supply', watts: 750, length: 150, modular: 'full' },
  },
  {
    text: text(
      'Kelder Breeze 120 S case fan',
      'Size: 120 x 120 x 25 mm',
      'Connector: 4-pin PWM',
      'Rated current: 0.16 A',
      'Cable length: 450 mm',
      'Airflow: 58.2 CFM',
    ),
    count: 3,
    says: { kind: 'fan', size: '120', amps: 0.16, lead: 450 },
  },
  {
    text: text(
      'Kelder Confluence fan hub',
      'Outputs: 6 x 4-pin PWM',
      'Power: 1 x SATA',
      'Control: 1 x 4-pin PWM lead, 500 mm',
      'Max. current: 4.5 A',
    ),
    says: { kind: 'hub' },
  },
]
