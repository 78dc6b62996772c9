import { errand } from '../data/write.svelte'
import type { InventoryPart, PatchColour, PhotoSample } from '../words/documents'
import { ACCENT_SHARE_OF, ACCENT_SHARES, BOUNDS } from '../words/vocabulary'

export const MOST_BYTES = 40_000_000
const MOST_ACROSS = 1600
/** Half the side of the patch a tap reads, in pixels of the picture as shown. */
const REACH = 6

/** A picture made small enough to tap on. It never leaves the browser. */
export async function openPicture(file: File): Promise<ImageBitmap> {
  if (file.size > MOST_BYTES)
    throw new Error(
      `This picture has ${Math.round(file.size / 1e6)} MB. The limit is 40 MB: take it at a smaller size.`,
    )
  let full: ImageBitmap
  try {
    full = await createImageBitmap(file)
  } catch {
    throw new Error('The browser cannot open this picture. Use a JPEG, PNG or WebP file.')
  }
  const scale = Math.min(1, MOST_ACROSS / Math.max(full.width, full.height))
  return createImageBitmap(full, {
    resizeWidth: Math.round(full.width * scale),
    resizeHeight: Math.round(full.height * scale),
  })
}

/** A channel of a pixel, 0 to 255, as an amount of light, 0 to 1 (IEC 61966-2-1). */
function toLight(value: number): number {
  const share = value / 255
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
}

function fromLight(light: number): number {
  return Math.round(255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055))
}

/** Reads the pixels about a point, averaged as amounts of light. What they mean is worked out by the server. */
export function tapAt(context: CanvasRenderingContext2D, x: number, y: number): PhotoSample {
  const left = Math.max(0, Math.round(x) - REACH)
  const top = Math.max(0, Math.round(y) - REACH)
  const { data } = context.getImageData(left, top, 2 * REACH + 1, 2 * REACH + 1)
  const sums = [0, 0, 0]
  let clipped = 0
  let count = 0
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3] === 0) continue
    count++
    let atEnd = false
    for (let channel = 0; channel < 3; channel++) {
      const value = data[i + channel] ?? 0
      sums[channel] = (sums[channel] ?? 0) + toLight(value)
      atEnd ||= value >= 254
    }
    if (atEnd) clipped++
  }
  const hex = sums
    .map((sum) =>
      fromLight(sum / Math.max(1, count))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')
  return { hex: `#${hex}`, clipped: count === 0 ? 1 : clipped / count }
}

/** So many pixels of a patch are read across, and as many down. */
const ACROSS = 40
/** Each row begins elsewhere within its first step, so that strands side by side are met evenly: by the golden ratio. */
const GOLDEN = 0.618034

const asHex = (channels: Iterable<number>) =>
  `#${[...channels].map((value) => value.toString(16).padStart(2, '0')).join('')}`

/** A rectangle between two corners, however they lie. */
export interface Frame {
  x: number
  y: number
  width: number
  height: number
}
export const frameOf = (ax: number, ay: number, bx: number, by: number): Frame => ({
  x: Math.round(Math.min(ax, bx)),
  y: Math.round(Math.min(ay, by)),
  width: Math.max(1, Math.round(Math.abs(ax - bx))),
  height: Math.max(1, Math.round(Math.abs(ay - by))),
})

/** Pixels spread evenly over a patch, each as it is: a mean over the edge of two strands would be the color of neither. */
export function pixelsIn(context: CanvasRenderingContext2D, { x, y, width, height }: Frame): string[] {
  const { data } = context.getImageData(x, y, width, height)
  const [columns, rows] = [Math.min(ACROSS, width), Math.min(ACROSS, height)]
  const pixels: string[] = []
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const left = Math.floor(((column + ((0.5 + row * GOLDEN) % 1)) * width) / columns)
      const top = Math.floor(((row + 0.5) * height) / rows)
      const at = 4 * (top * width + left)
      pixels.push(asHex(data.slice(at, at + 3)))
    }
  return pixels
}

/** The colors of a patch as those of a part: the largest is its own, the others are accents. */
export function asPart(colours: readonly PatchColour[]): Partial<InventoryPart> {
  const [base, ...others] = colours.toSorted((a, b) => b.share - a.share)
  if (!base) return {}
  const accents = others.slice(0, BOUNDS.mostAccents)
  const all = colours.reduce((sum, one) => sum + one.share, 0)
  const share = accents.reduce((sum, one) => sum + one.share, 0) / all
  const off = (one: (typeof ACCENT_SHARES)[number]) => Math.abs(ACCENT_SHARE_OF[one] - share)
  return {
    colour: base.hex,
    accents: accents.map((one) => one.hex),
    accent_share: accents.length === 0 ? null : ACCENT_SHARES.toSorted((a, b) => off(a) - off(b))[0],
  }
}

/** A picture small enough to keep with a build or a fish, as a data URL. */
export const keepPhoto = errand('photo', async (file: File): Promise<string> => {
  const picture = await openPicture(file)
  const scale = Math.min(1, 900 / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return canvas.toDataURL('image/jpeg', 0.85)
})
