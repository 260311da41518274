import { readSheet } from './read'

/** Maker and model as they were read; a mark where they are only taken from the title. */
const names = (
  text: string,
  makers: readonly string[] = ['Kelder', 'Quillmark'],
): readonly (string | undefined)[] => {
  const { fields, doubtful } = readSheet(text, { makers })
  return ['maker', 'model'].map(path => {
    const sure = fields.find(f => f.path === path)
    const maybe = doubtful.find(f => f.path === path)
    if (sure) return String(sure.value)
    return maybe && `? ${String(maybe.value)}`
  })
}

describe('maker and model', () => {
  test.each<[string, string, readonly (string | undefined)[]]>([
    [
      'a known maker in the title',
      'Kelder Esk 120 CPU cooler\nHeight: 155 mm',
      ['Kelder', 'Esk 120'],
    ],
    [
      'by their labels',
      'Manufacturer: Kelder\nProduct name: Scarp Twin\nType: air cooler\nHeight: 155 mm',
      ['Kelder', 'Scarp Twin'],
    ],
    [
      'a labelled model is its name as a whole',
      '| Model | Gorse 750 SFX |\n| Type | SFX power supply |',
      [undefined, 'Gorse 750 SFX'],
    ],
    [
      'an unknown maker is marked',
      'Tallis Crag CPU cooler\nHeight: 155 mm',
      ['? Tallis', '? Crag'],
    ],
    [
      'in quotation marks',
      'Air cooler "Fen 47" for small cases\nHeight: 47 mm',
      [undefined, '? Fen 47'],
    ],
    [
      'in a sentence',
      '* Air cooler\n* Made by Sedge, model Ridge 120\n* Height 154 mm',
      ['Sedge', 'Ridge 120'],
    ],
    [
      'the title under a heading',
      'Graphics card\nHeron 60 Twin 8GB\nOutputs: HDMI',
      ['? Heron', '? 60 Twin'],
    ],
    [
      'a number in a catalogue is only a stand-in',
      'Part number: OF-5632\nKit: 2 x 16 GB\nDDR5-5600',
      [undefined, '? OF-5632'],
    ],
    [
      'the kind alone is no name',
      'Kit of 4 memory modules, 4 x 16 GB DDR4\nSpeed: 3600 MT/s',
      [undefined, undefined],
    ],
    [
      'neither is a label',
      'Form factor: ATX\nSocket: TERN-2\nDIMM slots: 4',
      [undefined, undefined],
    ],
  ])('%s', (_, text, expected) => expect(names(text)).toEqual(expected))
})
