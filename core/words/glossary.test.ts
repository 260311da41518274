import { CONNECTORS } from '../connectors/connectors'
import { GLOSSARY, wordsIn } from './glossary'

const found = (text: string): readonly string[] => wordsIn(text).map(w => w.word)

describe('the field’s words', () => {
  test('each is one sentence, and is found where it stands', () => {
    for (const { word, says } of GLOSSARY) {
      expect(says).toMatch(/^[\p{Lu}\p{N}][^.]*(\.\d[^.]*)*\.$/u)
      expect(found(`so ${word.replace(/ \(.*\)$/, '')}, then`)).toContain(word)
    }
  })
  test('none stands twice', () => {
    const words = GLOSSARY.map(w => w.word)
    expect(new Set(words).size).toBe(words.length)
  })
  test('a connector is found with its face', () => {
    const [usb] = wordsIn('it goes into the USB 3 header').filter(w => w.word === 'USB 3 header')
    expect(usb?.shows?.look).toBe(CONNECTORS['usb-3'].look)
    expect(usb?.says).toContain('two ports')
  })
  test('whole words only; a plural stands for its word, whatever its letters', () => {
    expect(found('Standoffs under the tray')).toEqual(['motherboard tray', 'standoffs'])
    expect(found('a trailer drove past')).toEqual([])
    expect(found('over both Rails')).toEqual(['rail'])
  })
  test('an abbreviation only as it is written', () => {
    expect(found('a post of brass')).toEqual([])
    expect(found('it does not POST')).toEqual(['POST'])
  })
})
