// For tests: a small manual as a PDF file, one line of text on each page.

/** A PDF file whose n-th page says the n-th text. */
export function manualOf(texts: readonly string[]): Buffer {
  const font = 3 + texts.length * 2
  const objects = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    `<< /Type /Pages /Kids [${texts.map((_, i) => `${3 + i * 2} 0 R`).join(' ')}] /Count ${texts.length} >>`,
    ...texts.flatMap((text, i) => {
      const content = `BT /F1 36 Tf 60 700 Td (${text}) Tj ET`
      return [
        `<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Contents ${4 + i * 2} 0 R ` +
          `/Resources << /Font << /F1 ${font} 0 R >> >> >>`,
        `<< /Length ${content.length} >>\nstream\n${content}\nendstream`,
      ]
    }),
    '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
  ]
  let file = '%PDF-1.4\n'
  const places = objects.map((object, i) => {
    const at = file.length
    file += `${i + 1} 0 obj\n${object}\nendobj\n`
    return at
  })
  const table = places.map(at => `${String(at).padStart(10, '0')} 00000 n \n`).join('')
  return Buffer.from(
    `${file}xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${table}trailer\n<< ` +
      `/Size ${objects.length + 1} /Root 1 0 R >>\nstartxref\n${file.length}\n%%EOF\n`,
  )
}
