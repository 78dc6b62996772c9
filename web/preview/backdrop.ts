import type { Scene } from '../words/documents'
import { channels, type Shown } from '../lure/paint'
import { scatter } from '../lure/units'

/** The water behind a lure: its colors from the core, painted pixel by pixel so that no bands show, with what drifts in it. */

type Row = [number, number, number]

/** So much of a step of 255 is scattered up and down, so that two neighboring colors meet without an edge. (Chosen.) */
const DITHER = 0.8
/** A speck is this much lighter than the water about it, and so large. (Chosen.) */
const SPECK = { lighter: 16, least: 0.6, most: 1.6 }
/** How far waves push the edge of the sky's window about: of its angle, for each degree of their slope. (Chosen.) */
const RAGGED = 0.0035

/** The color at a share of the way from the first stop to the last. */
function along(stops: readonly { at: number; row: Row }[], share: number): Row {
  const next = stops.findIndex((stop) => stop.at >= share)
  const to = stops[next < 0 ? stops.length - 1 : next]
  const from = stops[Math.max(0, (next < 0 ? stops.length : next) - 1)]
  if (!to || !from || to.at === from.at) return to?.row ?? [0, 0, 0]
  const t = (share - from.at) / (to.at - from.at)
  return from.row.map((channel, i) => channel + ((to.row[i] ?? 0) - channel) * t) as Row
}

/** How far out a pixel lies, 0 to 1: downward from the side; from below from the middle, the waves' wobble in it. */
function placeIn(width: number, height: number, isBelow: boolean, waves: number) {
  if (!isBelow) return (_x: number, y: number) => y / height
  return (x: number, y: number) => {
    const [dx, dy] = [(x - width / 2) / (width / 2), (y - height / 2) / (width / 2)]
    const round = Math.atan2(dy, dx)
    const wobble =
      Math.sin(5 * round + 1.3) + 0.8 * Math.sin(11 * round + 4.1 + 9 * dx) + 0.7 * Math.sin(23 * round + 2.2 - 7 * dy)
    return Math.min(1, Math.hypot(dx, dy) * (1 + RAGGED * waves * wobble))
  }
}

export function paintBackdrop(canvas: HTMLCanvasElement, scene: Scene, shown: Shown, isBelow: boolean): void {
  const [width, height] = [canvas.width, canvas.height]
  const on = canvas.getContext('2d')
  if (!on || width === 0 || height === 0) return
  const first = scene.gradient[0]?.angle_deg ?? 0
  const last = scene.gradient.at(-1)?.angle_deg ?? 1
  const stops = scene.gradient.map((stop) => ({
    at: (stop.angle_deg - first) / (last - first),
    row: channels(stop[shown]),
  }))
  const random = scatter(97)
  const place = placeIn(width, height, isBelow, scene.waves_deg)
  const STEPS = 256
  const ramp = Array.from({ length: STEPS + 1 }, (_, i) => along(stops, i / STEPS))
  const image = on.createImageData(width, height)
  for (let y = 0, at = 0; y < height; y++) {
    for (let x = 0; x < width; x++, at += 4) {
      const where = place(x, y) * STEPS
      const low = ramp[Math.floor(where)]
      const high = ramp[Math.min(STEPS, Math.floor(where) + 1)]
      const t = where - Math.floor(where)
      const noise = DITHER * (2 * random() - 1)
      for (let k = 0; k < 3; k++)
        image.data[at + k] = Math.round((low?.[k] ?? 0) * (1 - t) + (high?.[k] ?? 0) * t + noise)
      image.data[at + 3] = 255
    }
  }
  on.putImageData(image, 0, 0)
  on.fillStyle = `rgb(255 255 255 / ${SPECK.lighter / 255})`
  for (let i = 0; i < scene.specks; i++) {
    on.beginPath()
    on.arc(
      random() * width,
      random() * height,
      SPECK.least + (SPECK.most - SPECK.least) * random() ** 3,
      0,
      2 * Math.PI,
    )
    on.fill()
  }
}
