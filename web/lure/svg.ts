/** The drawing as a file of its own: its colours are written into it, so that it needs no stylesheet. */
export function asSvg(drawing: SVGSVGElement): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('color', '#1a1a1a')
  copy.setAttribute('font-family', 'sans-serif')
  copy.removeAttribute('class')
  return `<?xml version="1.0" encoding="UTF-8"?>\n${copy.outerHTML}\n`
}
