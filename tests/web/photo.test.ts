import { describe, expect, test } from 'vitest'
import { tapAt } from '../../web/parts/photo'

/** A picture of 40 by 40 pixels, each as a function says, for as much of a canvas as a tap asks of it. */
function picture(at: (x: number, y: number) => [number, number, number]): CanvasRenderingContext2D {
  return {
    getImageData: (left: number, top: number, width: number, height: number) => ({
      data: Uint8ClampedArray.from(
        Array.from({ length: width * height }, (_, i) => [
          ...at(left + (i % width), top + Math.floor(i / width)),
          255,
        ]).flat(),
      ),
    }),
  } as unknown as CanvasRenderingContext2D
}

describe('a tap on a picture', () => {
  test('a plain patch is read as it is', () => {
    expect(
      tapAt(
        picture(() => [18, 130, 240]),
        20,
        20,
      ),
    ).toEqual({ hex: '#1282f0', clipped: 0 })
  })

  test('a chequered patch is as bright as the light it sends back, not as its numbers', () => {
    // Half of the pixels black, half at 250: half the light of 250. (250/255 is 0.9559733 of full light; half of it encodes to 184.)
    const chequered = picture((x, y) => ((x + y) % 2 === 0 ? [250, 250, 250] : [0, 0, 0]))
    const { hex } = tapAt(chequered, 20, 20)
    const value = parseInt(hex.slice(1, 3), 16)
    expect(value).toBeGreaterThan(182)
    expect(value).toBeLessThan(187)
  })

  test('what is burnt out is counted', () => {
    expect(
      tapAt(
        picture((x) => (x < 20 ? [255, 255, 255] : [100, 100, 100])),
        20,
        20,
      ).clipped,
    ).toBeCloseTo(6 / 13, 5)
  })
})
