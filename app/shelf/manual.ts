// A manual in a PDF file: its pages drawn one by one, so that the one that matters is kept with the
// part.
import type { PDFDocumentProxy } from 'pdfjs-dist'
import { LONGEST_SIDE } from '../ui/photos'

/** A manual that is open. Pages count from 1. */
export interface Manual {
  readonly pages: number
  draw(page: number): Promise<HTMLCanvasElement>
  close(): Promise<void>
}

export const isManual = (file: File): boolean =>
  file.type === 'application/pdf' || /\.pdf$/i.test(file.name)

/**
 * Opens a manual; a sentence where it cannot be opened. The reader of PDF files comes only when one
 * is opened.
 */
export async function openManual(file: File): Promise<Manual | { readonly problem: string }> {
  const [{ getDocument, GlobalWorkerOptions }, { default: workerSrc }] = await Promise.all([
    import('pdfjs-dist'),
    import('pdfjs-dist/build/pdf.worker.min.mjs?url'),
  ])
  GlobalWorkerOptions.workerSrc = workerSrc
  try {
    const pdf = await getDocument({ data: await file.arrayBuffer(), isEvalSupported: false })
      .promise
    return { pages: pdf.numPages, draw: page => drawn(pdf, page), close: () => pdf.destroy() }
  } catch (error) {
    const isLocked = error instanceof Error && error.name === 'PasswordException'
    const why = isLocked ? 'is locked by a password' : 'cannot be read as a PDF file'
    const instead = 'Open it in another program and add a screenshot of the page.'
    return { problem: `${file.name} ${why}. ${instead}` }
  }
}

async function drawn(pdf: PDFDocumentProxy, number: number): Promise<HTMLCanvasElement> {
  const page = await pdf.getPage(number)
  const whole = page.getViewport({ scale: 1 })
  const viewport = page.getViewport({ scale: LONGEST_SIDE / Math.max(whole.width, whole.height) })
  const canvas = Object.assign(document.createElement('canvas'), {
    width: Math.round(viewport.width),
    height: Math.round(viewport.height),
  })
  await page.render({ canvas, viewport }).promise
  return canvas
}
