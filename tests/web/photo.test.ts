import { describe, expect, test } from 'vitest'
import type { PatchColour } from '../../web/words/documents'
import { asPart, frameOf, pixelsIn, tapAt } from '../../web/parts/photo'

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

describe('a frame over a part', () => {
  test('lies between two corners, however they were drawn', () => {
    expect(frameOf(10, 20, 4, 50)).toEqual({ x: 4, y: 20, width: 6, height: 30 })
    expect(frameOf(7, 7, 7, 7)).toEqual({ x: 7, y: 7, width: 1, height: 1 })
  })

  test('is read at points spread evenly over it, each as it is', () => {
    const halves = picture((x) => (x < 120 ? [255, 0, 0] : [0, 0, 16]))
    const pixels = pixelsIn(halves, { x: 100, y: 0, width: 80, height: 200 })
    expect(pixels).toHaveLength(1600)
    expect(new Set(pixels)).toEqual(new Set(['#ff0000', '#000010']))
    expect(pixels.filter((one) => one === '#ff0000')).toHaveLength(400)
    // Strands as wide as the points are apart, and five of them over and over: a fifth is met a fifth of the time.
    const strands = picture((x) => (Math.floor(x / 5) % 5 === 0 ? [255, 0, 0] : [0, 0, 16]))
    const met = pixelsIn(strands, { x: 0, y: 0, width: 200, height: 80 }).filter((one) => one === '#ff0000')
    expect(met.length / 1600).toBeCloseTo(0.2, 1)
    expect(pixelsIn(halves, { x: 119, y: 0, width: 2, height: 1 })).toEqual(['#ff0000', '#000010'])
  })

  test('becomes a part: the largest color is its own, the rest accents with their share', () => {
    const colour = (hex: string, share: number) => ({ hex, share, nearest: 'black' }) as PatchColour
    expect(asPart([colour('#000001', 0.15), colour('#000002', 0.85)])).toEqual({
      colour: '#000002',
      accents: ['#000001'],
      accent_share: 'few',
    })
    expect(asPart([colour('#000001', 0.52), colour('#000002', 0.48)]).accent_share).toBe('half')
    expect(asPart([colour('#000001', 0.6), colour('#000002', 0.2), colour('#000003', 0.2)]).accent_share).toBe('third')
    // Of two that are left, a third of what is left.
    expect(asPart([colour('#000001', 0.4), colour('#000002', 0.2)]).accent_share).toBe('third')
    expect(asPart([colour('#000001', 0.4)])).toEqual({ colour: '#000001', accents: [], accent_share: null })
    expect(asPart([])).toEqual({})
  })
})
