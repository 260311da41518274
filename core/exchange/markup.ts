// Tags as text: whatever stands in data stays text.

export type Attributes = Readonly<Record<string, string | number>>

/** Text as it stands in a document: no sign of it is taken for markup. */
export const escaped = (text: string): string =>
  text.replace(/[<>&"']/g, c => `&#${c.charCodeAt(0)};`)

/** A tag with what stands in it; `inner` is markup already. */
export function tag(name: string, about: Attributes, inner = ''): string {
  const attributes = Object.entries(about)
    .map(([key, value]) => ` ${key}="${escaped(String(value))}"`)
    .join('')
  return inner === '' ? `<${name}${attributes}/>` : `<${name}${attributes}>${inner}</${name}>`
}
