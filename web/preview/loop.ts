import { GIFEncoder, applyPalette, quantize } from 'gifenc'
import { download } from '../ui/download'

/** A lure that moves as a short loop in a file: frame by frame from the drawing and what is behind it. */

const FRAMES = 24
const WIDTH = 480

/** A drawing as it is at this moment, with what an animation makes of it written into it. */
function held(drawing: SVGSVGElement): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement
  const [moved, copied] = [drawing, copy].map((one) => [...one.querySelectorAll<SVGElement>('[data-moves]')])
  moved?.forEach((element, i) => {
    const now = getComputedStyle(element)
    const to = copied?.[i]?.style
    if (!to) return
    to.transform = now.transform
    to.transformOrigin = element.style.transformOrigin
    if (element.dataset.moves === 'flash') {
      to.fill = now.fill
      to.fillOpacity = now.fillOpacity
    }
    if (element.dataset.moves === 'glow') to.opacity = now.opacity
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.removeAttribute('class')
  const box = drawing.getBoundingClientRect()
  copy.setAttribute('width', String(box.width))
  copy.setAttribute('height', String(box.height))
  return `data:image/svg+xml;charset=utf-8,${encodeURIComponent(copy.outerHTML)}`
}

export async function saveAsLoop(frame: HTMLElement, name: string): Promise<void> {
  const drawing = frame.querySelector('svg')
  const backdrop = frame.querySelector('canvas')
  if (!drawing || !backdrop) throw new Error('There is nothing to save yet.')
  const box = frame.getBoundingClientRect()
  const scale = WIDTH / box.width
  const canvas = document.createElement('canvas')
  canvas.width = WIDTH
  canvas.height = Math.round(box.height * scale)
  const on = canvas.getContext('2d', { willReadFrequently: true })
  if (!on) throw new Error('This browser cannot make a picture.')
  const animations = drawing.getAnimations({ subtree: true })
  const times = animations.map((animation) => Number(animation.currentTime ?? 0))
  // The loop is as long as its slowest blade takes for a turn.
  const long = Math.max(
    ...animations.map((animation) => Number(animation.effect?.getComputedTiming().duration ?? 0)),
    1000,
  )
  const gif = GIFEncoder()
  const at = drawing.getBoundingClientRect()
  try {
    for (let i = 0; i < FRAMES; i++) {
      for (const animation of animations) animation.currentTime = (long * i) / FRAMES
      const picture = new Image()
      picture.src = held(drawing)
      await picture.decode()
      on.drawImage(backdrop, 0, 0, canvas.width, canvas.height)
      on.drawImage(picture, (at.x - box.x) * scale, (at.y - box.y) * scale, at.width * scale, at.height * scale)
      const { data } = on.getImageData(0, 0, canvas.width, canvas.height)
      const palette = quantize(data, 256)
      gif.writeFrame(applyPalette(data, palette), canvas.width, canvas.height, { palette, delay: long / FRAMES })
    }
  } finally {
    animations.forEach((animation, i) => (animation.currentTime = times[i] ?? 0))
  }
  gif.finish()
  download(name, 'image/gif', new Blob([gif.bytes()]))
}
