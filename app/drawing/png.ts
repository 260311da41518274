// A drawing as a picture of pixels, drawn by the browser from its SVG.

/** Named choice: pixels a millimetre; 254 to the inch. */
const PIXELS_PER_MM = 10
/** No longer side is drawn: browsers refuse larger pictures. */
const MOST_PIXELS = 8000

export async function pngOf(svg: string): Promise<Blob> {
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    const image = new Image()
    image.src = url
    await image.decode()
    const { width, height } = sizeOf(svg)
    const scale = Math.min(PIXELS_PER_MM, MOST_PIXELS / Math.max(width, height))
    const canvas = document.createElement('canvas')
    canvas.width = Math.round(width * scale)
    canvas.height = Math.round(height * scale)
    const paper = canvas.getContext('2d')
    if (!paper) throw new Error('This browser draws no pictures. Save it as SVG instead.')
    paper.fillStyle = '#ffffff'
    paper.fillRect(0, 0, canvas.width, canvas.height)
    paper.drawImage(image, 0, 0, canvas.width, canvas.height)
    return await blobOf(canvas)
  } finally {
    URL.revokeObjectURL(url)
  }
}

/** How large a drawing is, mm. */
function sizeOf(svg: string): { readonly width: number; readonly height: number } {
  const root = new DOMParser().parseFromString(svg, 'image/svg+xml').documentElement
  const mm = (name: string): number => parseFloat(root.getAttribute(name) ?? '') || 1
  return { width: mm('width'), height: mm('height') }
}

const blobOf = (canvas: HTMLCanvasElement): Promise<Blob> =>
  new Promise((resolve, reject) => {
    canvas.toBlob(blob => {
      if (blob) resolve(blob)
      else reject(new Error('The picture is too large for this browser. Save it as SVG instead.'))
    }, 'image/png')
  })
