import { GIFEncoder, applyPalette, quantize } from 'gifenc'
import { download } from '../ui/download'

/** Lures that move as a short loop in a file, beside each other: picture by picture, of what moves before the water. */

const FRAMES = 24
/** Pixels across of each. */
const WIDTH = 480

interface Seen {
  backdrop: HTMLCanvasElement
  moving: readonly HTMLCanvasElement[]
  width: number
  height: number
}

/** So long it may take until pictures move. */
const PATIENCE_MS = 15_000

/** The pictures of the page once all of them move: they may be laid out again while one waits. */
async function moving(frames: () => readonly HTMLElement[]): Promise<readonly HTMLElement[]> {
  const until = performance.now() + PATIENCE_MS
  while (performance.now() < until) {
    const now = frames()
    if (now.length > 0 && now.every((frame) => frame.querySelectorAll('canvas').length > 1)) return now
    await new Promise((done) => requestAnimationFrame(done))
  }
  throw new Error('The lure does not move yet. Try again.')
}

function seenIn(frame: HTMLElement): Seen {
  const [backdrop, ...moving] = [...frame.querySelectorAll('canvas')]
  if (!backdrop) throw new Error('There is nothing to save yet.')
  const { width, height } = frame.getBoundingClientRect()
  return { backdrop, moving, width, height }
}

/** One picture as it is at this moment, so far from the left. */
function drawOn(on: CanvasRenderingContext2D, { backdrop, moving, width, height }: Seen, left: number): void {
  const scale = WIDTH / width
  on.resetTransform()
  on.globalAlpha = 1
  on.drawImage(backdrop, left, 0, WIDTH, height * scale)
  for (const layer of moving) {
    const now = getComputedStyle(layer)
    on.resetTransform()
    on.translate(left, 0)
    on.scale(scale, scale)
    on.translate(parseFloat(now.left), parseFloat(now.top))
    const { a, b, c, d, e, f } = new DOMMatrix(now.transform)
    on.transform(a, b, c, d, e, f)
    on.globalAlpha = Number(now.opacity)
    on.drawImage(layer, 0, 0, parseFloat(now.width), parseFloat(now.height))
  }
}

export async function saveAsLoop(frames: () => readonly HTMLElement[], name: string): Promise<void> {
  const seen = (await moving(frames)).map(seenIn)
  const canvas = document.createElement('canvas')
  canvas.width = WIDTH * seen.length
  canvas.height = Math.round(Math.max(...seen.map(({ width, height }) => (height * WIDTH) / width)))
  const on = canvas.getContext('2d', { willReadFrequently: true })
  if (!on) throw new Error('This browser cannot make a picture.')
  const animations = seen.flatMap(({ moving }) => moving.flatMap((layer) => layer.getAnimations()))
  const times = animations.map((animation) => animation.currentTime)
  // The loop is as long as its slowest blade takes for a turn.
  const long = Math.max(1000, ...animations.map(({ effect }) => Number(effect?.getComputedTiming().duration ?? 0)))
  const gif = GIFEncoder()
  try {
    for (let i = 0; i < FRAMES; i++) {
      for (const animation of animations) animation.currentTime = (long * i) / FRAMES
      seen.forEach((one, k) => {
        drawOn(on, one, k * WIDTH)
      })
      const { data } = on.getImageData(0, 0, canvas.width, canvas.height)
      const palette = quantize(data, 256)
      gif.writeFrame(applyPalette(data, palette), canvas.width, canvas.height, { palette, delay: long / FRAMES })
      // The screen answers in between.
      await new Promise((done) => requestAnimationFrame(done))
    }
  } finally {
    animations.forEach((animation, i) => (animation.currentTime = times[i] ?? 0))
  }
  gif.finish()
  download(name, 'image/gif', new Blob([gif.bytes()]))
}
