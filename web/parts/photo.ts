import type { PhotoSample } from '../api/client'

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

/** A picture small enough to keep with a build, as a data URL. */
export async function keepable(file: File): Promise<string> {
  const picture = await openPicture(file)
  const scale = Math.min(1, 900 / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return canvas.toDataURL('image/jpeg', 0.85)
}
