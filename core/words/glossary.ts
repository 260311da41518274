// The words that a person may look up: the field's, and every connector, with what shows them; which of
// them stand in a text.
import { CONNECTORS, PLUG_FACES, type PlugFace } from '../connectors/connectors'
import type { Look } from '../connectors/look'
import { FIELD_WORDS } from './fields'
import { OTHER_WORDS, type Word } from './others'

export interface Explained {
  readonly word: string
  readonly says: string
  /** The connector that shows it, as one looks into its socket. */
  readonly shows: { readonly name: string; readonly look: Look } | null
}
interface Entry extends Explained {
  readonly forms: readonly string[]
}

const shown = (face: PlugFace): Explained['shows'] => {
  const { name, look } = CONNECTORS[face]
  return { name, look }
}
const ofField = ({ word, says, also = [], shows }: Word): Entry => ({
  ...{ word, says, forms: [plain(word), ...also] },
  shows: shows ? shown(shows) : null,
})
const byWord = (a: Explained, b: Explained): number => a.word.localeCompare(b.word, 'en')
/** Without what stands in brackets after it. */
const plain = (word: string): string => word.replace(/ \(.*\)$/, '')

const ofConnector = (face: PlugFace): Entry => {
  const { name, shape, carries, key } = CONNECTORS[face]
  return {
    ...{ word: name, forms: [plain(name)], shows: shown(face) },
    says: `Carries ${carries}; ${shape}; key: ${key}.`,
  }
}

const WORDS: readonly Word[] = [...Object.values<Word>(FIELD_WORDS), ...OTHER_WORDS]

const ENTRIES: readonly Entry[] = [...WORDS.map(ofField), ...PLUG_FACES.map(ofConnector)].sort(
  byWord,
)

/** The field's words without the connectors, in the order of the alphabet. */
export const GLOSSARY: readonly Explained[] = WORDS.map(ofField).sort(byWord).map(explained)

/** Those that stand in a text, whole and in any case of letters; a plural stands for its word. */
export function wordsIn(text: string): readonly Explained[] {
  return ENTRIES.filter(e => e.forms.some(form => stands(form, text))).map(explained)
}

function explained({ word, says, shows }: Entry): Explained {
  return { word, says, shows }
}

/** Abbreviations only as they are written: "POST" is no post. */
function stands(form: string, text: string): boolean {
  const isAbbreviation = form === form.toUpperCase()
  const escaped = form.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
  const whole = new RegExp(
    `(?<![\\p{L}\\p{N}])${escaped}s?(?![\\p{L}\\p{N}])`,
    `u${isAbbreviation ? '' : 'i'}`,
  )
  return whole.test(text)
}
