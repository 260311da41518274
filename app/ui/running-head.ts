// What stands at the head and the foot of every printed page: what it is of, and which page of how many.
import { onScopeDispose, watchEffect } from 'vue'

/** A sheet of its own: a text from data becomes no rule. */
export function useRunningHead(text: () => string): void {
  const sheet = new CSSStyleSheet()
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet]
  watchEffect(() => {
    const font = 'font: 9pt sans-serif'
    sheet.replaceSync(
      `@page { @top-left { content: ${JSON.stringify(text())}; ${font} } ` +
        `@bottom-right { content: counter(page) " of " counter(pages); ${font} } }`,
    )
  })
  onScopeDispose(() => {
    document.adoptedStyleSheets = document.adoptedStyleSheets.filter(s => s !== sheet)
  })
}
