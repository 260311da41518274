// Hands a text or a picture to the browser as a file.
export function download(name: string, text: string | Blob, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = Object.assign(document.createElement('a'), { href: url, download: name })
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 1000)
}

/** A file's name from a build's: letters, digits and dashes. */
export const fileName = (name: string, ending: string): string =>
  `${
    name
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '') || 'build'
  }${ending}`
