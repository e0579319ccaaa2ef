/** What of the page's look a picture must carry with it, as it stands alone. */
const LOOKS = [
  'fill', 'fill-opacity', 'stroke', 'stroke-width', 'stroke-opacity', 'stroke-dasharray', 'vector-effect', 'font-family',
  'font-size', 'font-weight', 'text-anchor', 'opacity', 'display',
]
const WIDTH = 1600

/** Saves a drawn court with its targets as a picture that needs nothing of this page. */
export async function savePicture(drawn: SVGSVGElement, kind: 'svg' | 'png', name: string) {
  const text = standalone(drawn)
  const svg = new Blob([text], { type: 'image/svg+xml' })
  save(kind === 'svg' ? svg : await asPng(svg, ratio(drawn)), `${name}.${kind}`)
}

export function standalone(drawn: SVGSVGElement): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement
  const originals = [drawn, ...drawn.querySelectorAll<SVGElement>('*')]
  const copies = [copy, ...copy.querySelectorAll<SVGElement>('*')]
  originals.forEach((original, place) => {
    const seen = getComputedStyle(original)
    LOOKS.forEach((look) => copies[place]?.setAttribute(look, seen.getPropertyValue(look)))
    copies[place]?.removeAttribute('class')
    copies[place]?.removeAttribute('style')
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', `${WIDTH}`)
  copy.setAttribute('height', `${Math.round(WIDTH * ratio(drawn))}`)
  return new XMLSerializer().serializeToString(copy)
}

function ratio({ viewBox }: SVGSVGElement): number {
  return viewBox.baseVal.height / viewBox.baseVal.width
}

async function asPng(svg: Blob, heightToWidth: number): Promise<Blob> {
  const address = URL.createObjectURL(svg)
  try {
    const image = new Image(WIDTH, Math.round(WIDTH * heightToWidth))
    image.src = address
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = image.width
    canvas.height = image.height
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
    return await new Promise((resolve, reject) => {
      canvas.toBlob((blob) => blob ? resolve(blob) : reject(new Error('no picture')), 'image/png')
    })
  } finally {
    URL.revokeObjectURL(address)
  }
}

export function save(file: Blob, name: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(file)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
