// Lines of sheets that are about something else than the part they stand with: no field may come of them.
import type { PartKind } from '../../parts'
import type { Phrase } from './phrase'

const of = (...lines: readonly string[]): readonly Phrase[] =>
  lines.map(line => {
    const at = line.indexOf(' | ')
    return { label: line.slice(0, at), value: line.slice(at + 3) }
  })

export const MARGINALIA: Readonly<Partial<Record<PartKind, readonly Phrase[]>>> = {
  case: of(
    'Package weight | 9.8 kg',
    'Box dimensions | 560 x 300 x 540 mm',
    'Warranty | 2 years',
    'Fan speed | 500-1400 RPM',
    'Glass | 4 mm, left side',
    'Side panel | tempered glass, 4 mm',
    'Package contents | 12 x zip ties, 24 x screws',
  ),
  cooler: of(
    'Fan speed | 500-1500 RPM',
    'Noise | 24.6 dB(A)',
    'Warranty | 6 years',
    'Package size | 240 x 190 x 150 mm',
    'Heat pipes | 6 x 6 mm',
    'LED cable length | 500 mm',
    'Note | mounting frame for socket QUAY-9 sold separately',
    'Fan lights | 5 V, 0.6 A',
  ),
  processor: of(
    'Cores | 8',
    'Base clock | 3.6 GHz',
    'Cache | 32 MB',
    'Recommended cooler | 240 mm radiator',
    'Max. temperature | 95 °C',
  ),
  memory: of(
    'Timings | 36-36-36-76',
    'Warranty | lifetime',
    'Heat spreader | aluminium, 1.2 mm',
    'Operating temperature | 0 to 85 °C',
    'Package dimensions | 170 x 90 x 15 mm',
  ),
  card: of(
    'Recommended PSU | 750 W',
    'Minimum system power | 650 W',
    'Package size | 420 x 220 x 110 mm',
    'Boost clock | 2505 MHz',
    'Recommended power supply | 850 W or more',
    'Included | adapter from 2 x 8-pin to 16-pin',
    'Memory | 16 GB GDDR6, 256 bit',
    'Power supply required | at least 700 W with 2 x 8-pin',
  ),
  drive: of(
    'MTBF | 1,600,000 hours',
    'Warranty | 5 years',
    'Cache | 1 GB',
    'Endurance | 1,200 TBW',
    'Sequential write | 6200 MB/s',
    'Operating temperature | 0 to 70 °C',
    'Random read | 950,000 IOPS',
  ),
  supply: of(
    'Fan size | 135 mm',
    'Package weight | 3.2 kg',
    'MTBF | 100,000 hours',
    'Input voltage | 100-240 V',
    'Input current | 10 A',
    'Rating of the 12V-2x6 lead | 600 W',
    'Efficiency at half load | 92 %',
    'AC cord | 1.5 m',
  ),
  fan: of(
    'Speed | 600-1800 RPM',
    'Noise | 28.2 dB(A)',
    'Lights | 12 LEDs, 0.4 A',
    'Bearing | fluid',
    'USB cable length | 600 mm',
    'Start-up voltage | 5 V',
    'LED cable | 500 mm',
    'Static pressure | 2.1 mm H2O',
  ),
  board: of(
    'Chipset | QX-70',
    'Warranty | 3 years',
    'Box size | 340 x 270 x 80 mm',
    'BIOS | 256 Mb flash',
    'Remark | a cooler for socket QUAY-9 needs its own frame',
    'Operating system | 64-bit',
    'Package contents | 2 x SATA cables, 1 x M.2 screw',
  ),
}
