import { GIFEncoder, applyPalette, quantize } from 'gifenc'
import { download } from '../ui/download'

/** A lure that moves as a short loop in a file: frame by frame, of the pictures that move before the water. */

const FRAMES = 24
const WIDTH = 480

export async function saveAsLoop(frame: HTMLElement, name: string): Promise<void> {
  const [backdrop, ...moving] = [...frame.querySelectorAll('canvas')]
  if (!backdrop || moving.length === 0) throw new Error('There is nothing to save yet.')
  const scale = WIDTH / frame.getBoundingClientRect().width
  const canvas = document.createElement('canvas')
  canvas.width = WIDTH
  canvas.height = Math.round(frame.getBoundingClientRect().height * scale)
  const on = canvas.getContext('2d', { willReadFrequently: true })
  if (!on) throw new Error('This browser cannot make a picture.')
  const animations = moving.flatMap((layer) => layer.getAnimations())
  const times = animations.map((animation) => animation.currentTime)
  // The loop is as long as its slowest blade takes for a turn.
  const long = Math.max(1000, ...animations.map(({ effect }) => Number(effect?.getComputedTiming().duration ?? 0)))
  const gif = GIFEncoder()
  try {
    for (let i = 0; i < FRAMES; i++) {
      for (const animation of animations) animation.currentTime = (long * i) / FRAMES
      on.resetTransform()
      on.globalAlpha = 1
      on.drawImage(backdrop, 0, 0, canvas.width, canvas.height)
      for (const layer of moving) {
        const now = getComputedStyle(layer)
        on.resetTransform()
        on.scale(scale, scale)
        on.translate(parseFloat(now.left), parseFloat(now.top))
        const { a, b, c, d, e, f } = new DOMMatrix(now.transform)
        on.transform(a, b, c, d, e, f)
        on.globalAlpha = Number(now.opacity)
        on.drawImage(layer, 0, 0, parseFloat(now.width), parseFloat(now.height))
      }
      const { data } = on.getImageData(0, 0, canvas.width, canvas.height)
      const palette = quantize(data, 256)
      gif.writeFrame(applyPalette(data, palette), canvas.width, canvas.height, { palette, delay: long / FRAMES })
      // The screen answers meanwhile.
      await new Promise((done) => requestAnimationFrame(done))
    }
  } finally {
    animations.forEach((animation, i) => (animation.currentTime = times[i] ?? 0))
  }
  gif.finish()
  download(name, 'image/gif', new Blob([gif.bytes()]))
}
