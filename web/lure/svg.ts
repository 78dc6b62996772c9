/** The drawing by itself: its colours are written into it, so that it needs no stylesheet. */
export function asSvg(drawing: SVGSVGElement): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('color', '#1a1a1a')
  copy.setAttribute('font-family', 'sans-serif')
  copy.removeAttribute('class')
  return copy.outerHTML
}

/** A drawing as a file of its own. */
export const svgFile = (drawing: string) => `<?xml version="1.0" encoding="UTF-8"?>\n${drawing}\n`

/** A drawing within another one. */
export const placed = (drawing: string, x: number, y: number, width: number, height: number) =>
  drawing.replace('<svg', `<svg x="${x}" y="${y}" width="${width}" height="${height}"`)

/** Text between the tags of a drawing or a page. */
export const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;')
