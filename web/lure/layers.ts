import { bladeMovement, limbMovement, strandMovement, type Frame, type Moving, type Movement } from './motion'

/**
 * A drawing taken apart into pictures that move: each group of strands, limb and blade is drawn once, and what comes after is done by the
 * browser's compositor, which draws nothing again. A lure of a hundred strands that was drawn sixty times a second took most of a core.
 */
/** What is drawn, and what only defines how. */
const LEAVES = 'path, circle, rect, ellipse'
const DEFINING = 'defs, clipPath, linearGradient, radialGradient, filter'
const MOVES = '[data-moves="strands"], [data-moves="limb"], [data-blade]'
/** Pixels about a picture for outlines that stand over. */
const MARGIN = 4

interface Unit {
  mover: SVGGElement | null
  leaves: SVGGraphicsElement[]
}

/** What moves as one, in the order it is drawn; what does not move between them together. */
function unitsOf(drawing: SVGSVGElement): Unit[] {
  const units: Unit[] = []
  for (const leaf of drawing.querySelectorAll<SVGGraphicsElement>(LEAVES)) {
    if (leaf.closest(DEFINING) || leaf.closest('[visibility="hidden"]') || leaf.dataset.moves) continue
    const mover = leaf.closest<SVGGElement>(MOVES)
    const last = units.at(-1)
    if (last?.mover === mover) last.leaves.push(leaf)
    else units.push({ mover, leaves: [leaf] })
  }
  return units
}

/** The drawing with some of its leaves alone. */
function only(drawing: SVGSVGElement, leaves: readonly Element[], fill?: string): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement
  const [all, copied] = [drawing, copy].map((one) => [...one.querySelectorAll<SVGElement>(LEAVES)])
  all?.forEach((leaf, i) => {
    if (leaf.closest(DEFINING)) return
    if (!leaves.includes(leaf)) copied?.[i]?.remove()
    else if (fill) copied?.[i]?.setAttribute('fill', fill)
    // A glow is there whole; how much of it is seen is its movement.
    if (leaf.dataset.moves === 'glow') copied?.[i]?.setAttribute('opacity', '1')
  })
  const { width, height } = drawing.getBoundingClientRect()
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', String(width))
  copy.setAttribute('height', String(height))
  copy.removeAttribute('class')
  return `data:image/svg+xml;charset=utf-8,${encodeURIComponent(copy.outerHTML)}`
}

/** A place in the frame, CSS pixels. */
interface Box {
  left: number
  top: number
  width: number
  height: number
}

/** Where leaves lie in the frame, with room for blur and outlines. */
function boxOf(leaves: readonly Element[], frame: DOMRect, margin: number): Box {
  const boxes = leaves.map((leaf) => leaf.getBoundingClientRect())
  const left = Math.max(frame.left, Math.min(...boxes.map((box) => box.left)) - margin)
  const top = Math.max(frame.top, Math.min(...boxes.map((box) => box.top)) - margin)
  const right = Math.min(frame.right, Math.max(...boxes.map((box) => box.right)) + margin)
  const bottom = Math.min(frame.bottom, Math.max(...boxes.map((box) => box.bottom)) + margin)
  return {
    left: left - frame.left,
    top: top - frame.top,
    width: Math.max(1, right - left),
    height: Math.max(1, bottom - top),
  }
}

/** A picture to be drawn: what of the drawing, where in the frame, and how it moves. */
interface Planned {
  what: string
  source: string
  box: Box
  movement: Movement | null
  /** From the coordinates of what moves, its joint in their middle, to those of the picture. */
  local: DOMMatrix
}

async function pictureOf({ what, source, box }: Planned, drawing: DOMRect, frame: DOMRect): Promise<HTMLCanvasElement> {
  const image = new Image()
  image.src = source
  await image.decode()
  const canvas = document.createElement('canvas')
  const scale = devicePixelRatio
  canvas.width = Math.ceil(box.width * scale)
  canvas.height = Math.ceil(box.height * scale)
  const on = canvas.getContext('2d')
  on?.scale(scale, scale)
  on?.drawImage(
    image,
    drawing.left - frame.left - box.left,
    drawing.top - frame.top - box.top,
    drawing.width,
    drawing.height,
  )
  canvas.dataset.shows = what
  Object.assign(canvas.style, {
    position: 'absolute',
    left: `${box.left}px`,
    top: `${box.top}px`,
    width: `${box.width}px`,
    height: `${box.height}px`,
    transformOrigin: '0 0',
    willChange: 'transform, opacity',
  })
  return canvas
}

interface Moved {
  by: Movement
  mover: SVGGraphicsElement
  /** Where along it its joint lies, in the drawing's units. */
  joint?: number
}

/** From the coordinates of what moves to those of its picture. */
function localOf({ mover, joint = 0 }: Moved, box: Box, frame: DOMRect): DOMMatrix {
  const at = mover.getScreenCTM()
  return new DOMMatrix()
    .translate(-frame.left - box.left, -frame.top - box.top)
    .multiply(at ? new DOMMatrix([at.a, at.b, at.c, at.d, at.e, at.f]) : new DOMMatrix())
    .translate(joint, 0)
}

/** Moves a picture: to where its joint lies, as it moves there, and back. */
function animate(canvas: HTMLCanvasElement, movement: Movement, local: DOMMatrix): Animation {
  const back = local.inverse()
  const moved = (rotate = 0, scaleY = 1) => local.rotate(rotate).scale(1, scaleY).multiply(back).toString()
  const keyframe = ({ offset, rotate, scaleY, opacity }: Frame): Keyframe => ({
    offset,
    ...(movement.easing ? { easing: movement.easing } : {}),
    ...(opacity === undefined ? {} : { opacity }),
    ...(rotate === undefined && scaleY === undefined ? {} : { transform: moved(rotate, scaleY) }),
  })
  return canvas.animate(movement.frames.map(keyframe), {
    duration: movement.duration,
    delay: movement.delay ?? 0,
    iterations: Infinity,
  })
}

/** The movement of light over a blade goes with its turn. */
function together(light: Movement, turn: Movement): Movement {
  return { ...light, frames: light.frames.map((frame, i) => ({ ...frame, ...scaled(turn.frames[i]) })) }
}
const scaled = (frame: Frame | undefined) => (frame?.scaleY === undefined ? {} : { scaleY: frame.scaleY })

/** Pictures a second: as many as a film has, nearly; sixty would take three times the work of who has no graphics card. */
const PER_SECOND = 20

/** What is moving on the page. All of it is at the same moment, so that one lure seen by two eyes flashes once in both. */
const running = new Set<readonly Animation[]>()
let timer: ReturnType<typeof setInterval> | undefined

function step(): void {
  const time = performance.now()
  for (const animations of running) for (const animation of animations) animation.currentTime = time
}

function run(animations: readonly Animation[], isRunning: boolean): void {
  if (isRunning) running.add(animations)
  else running.delete(animations)
  step()
  if (running.size > 0) timer ??= setInterval(step, 1000 / PER_SECOND)
  else {
    clearInterval(timer)
    timer = undefined
  }
}

/** Moves pictures where they can be seen, and lets them stand still elsewhere. */
function ticking(frame: Element, animations: readonly Animation[]): () => void {
  let isSeen = true
  const follow = () => {
    run(animations, isSeen && !document.hidden)
  }
  const seen = new IntersectionObserver(([entry]) => {
    isSeen = entry?.isIntersecting ?? true
    follow()
  })
  for (const animation of animations) animation.pause()
  follow()
  seen.observe(frame)
  document.addEventListener('visibilitychange', follow)
  return () => {
    run(animations, false)
    seen.disconnect()
    document.removeEventListener('visibilitychange', follow)
  }
}

/**
 * Lays the moving pictures of a drawing over it, in an element of the same place and size; what it gives back takes them away. Nothing is
 * laid, and null given, where nobody wants them any more once they are drawn.
 */
export async function play(
  drawing: SVGSVGElement,
  stage: HTMLElement,
  moving: Moving,
  blur: number,
  isWanted: () => boolean,
): Promise<(() => void) | null> {
  const frame = stage.getBoundingClientRect()
  const size = drawing.getBoundingClientRect()
  // All places are read at once: the page may be scrolled while the pictures are drawn.
  const planned = plan(drawing, moving, frame, MARGIN + 3 * blur)
  const canvases = await Promise.all(planned.map((one) => pictureOf(one, size, frame)))
  if (!isWanted()) return null
  const animations = planned.flatMap(({ movement, local }, i) => {
    const canvas = canvases[i]
    return movement && canvas ? [animate(canvas, movement, local)] : []
  })
  stage.append(...canvases)
  const leave = ticking(stage, animations)
  return () => {
    leave()
    for (const animation of animations) animation.cancel()
    for (const canvas of canvases) canvas.remove()
  }
}

/** The pictures that a drawing is taken apart into, in the order in which they lie over one another. */
function plan(drawing: SVGSVGElement, moving: Moving, frame: DOMRect, margin: number): Planned[] {
  const picture = (what: string, leaves: readonly Element[], moved: Moved | null, fill?: string): Planned => {
    const box = boxOf(leaves, frame, margin)
    return {
      what,
      source: only(drawing, leaves, fill),
      box,
      movement: moved?.by ?? null,
      local: moved ? localOf(moved, box, frame) : new DOMMatrix(),
    }
  }
  const blade = (mover: SVGGElement, leaves: readonly Element[], index: number): Planned[] => {
    const movement = bladeMovement(moving, index)
    const turned = mover.querySelector<SVGGElement>('[data-moves="turn"]') ?? mover
    const [flash, glow] = ['flash', 'glow'].map((what) => mover.querySelector(`[data-moves="${what}"]`))
    if (!movement || !flash) return [picture('blade', leaves, null)]
    return [
      ...(movement.glow && glow ? [picture('glow', [glow], { by: movement.glow.movement, mover })] : []),
      picture('blade', leaves, { by: movement.turn, mover: turned }),
      ...movement.sheets.map(({ movement: by, colour }) =>
        picture('light', [flash], { by: together(by, movement.turn), mover: turned }, colour),
      ),
    ]
  }
  return unitsOf(drawing).flatMap(({ mover, leaves }) => {
    const { moves, band, limb, blade: index, joint } = mover?.dataset ?? {}
    if (mover && index !== undefined) return blade(mover, leaves, Number(index))
    if (mover && moves === 'strands') {
      return [picture('strands', leaves, { by: strandMovement(moving, Number(band)), mover })]
    }
    const by = mover && moves === 'limb' ? limbMovement(moving, Number(limb)) : null
    return [picture(by ? 'limb' : 'rest', leaves, mover && by ? { by, mover, joint: Number(joint) } : null)]
  })
}
