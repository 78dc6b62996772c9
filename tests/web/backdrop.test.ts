import { beforeEach, describe, expect, test } from 'vitest'
import type { Scene } from '../../web/words/documents'
import { paintBackdrop } from '../../web/preview/backdrop'

const WIDTH = 64
const HEIGHT = 96

/** A canvas that keeps what is painted on it. */
class Canvas {
  width = WIDTH
  height = HEIGHT
  pixels = new Uint8ClampedArray(0)
  specks = 0
  getContext() {
    return {
      createImageData: (width: number, height: number) => ({ data: new Uint8ClampedArray(4 * width * height) }),
      putImageData: (image: { data: Uint8ClampedArray<ArrayBuffer> }) => (this.pixels = image.data),
      beginPath: () => undefined,
      arc: () => undefined,
      fill: () => this.specks++,
      fillStyle: '',
    }
  }
  at = (x: number, y: number) => this.pixels[4 * (y * WIDTH + x)] ?? -1
  row = (y: number) => Array.from({ length: WIDTH }, (_, x) => this.at(x, y))
}

const gray = (value: number) => `#${value.toString(16).padStart(2, '0').repeat(3)}`
const scene = (change: object = {}) =>
  ({
    gradient: [30, 0, -30].map((angle_deg, i) => ({ angle_deg, person: gray([120, 100, 90][i] ?? 0) })),
    specks: 12,
    waves_deg: 5,
    ...change,
  }) as unknown as Scene

let canvas: Canvas
beforeEach(() => (canvas = new Canvas()))
const paint = (of: Scene, isBelow = false) => {
  paintBackdrop(canvas as unknown as HTMLCanvasElement, of, 'person', isBelow)
}
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length

describe('the water behind a lure', () => {
  test('is brightest at the top, and as level with the lure in the middle', () => {
    paint(scene())
    expect(mean(canvas.row(0))).toBeCloseTo(120, 0)
    expect(mean(canvas.row(HEIGHT / 2))).toBeCloseTo(100, 0)
    expect(mean(canvas.row(HEIGHT - 1))).toBeCloseTo(90, 0)
  })

  test('has no bands: between two steps of a color both are scattered, none of them farther than a step', () => {
    paint(scene())
    const mixed = Array.from({ length: HEIGHT }, (_, y) => new Set(canvas.row(y)).size)
    expect(mixed.filter((many) => many > 1).length).toBeGreaterThan(HEIGHT / 2)
    for (let y = 0; y < HEIGHT; y++) {
      for (const value of canvas.row(y)) expect(Math.abs(value - mean(canvas.row(y)))).toBeLessThan(1.9)
    }
  })

  test('has as many specks as the core says, in the same places each time', () => {
    paint(scene())
    expect(canvas.specks).toBe(12)
    const first = canvas.pixels
    paint(scene())
    expect(canvas.pixels).toEqual(first)
  })

  test('from below is a window of sky in the middle with dark water about it', () => {
    const rings = [0, 44, 52, 65].map((angle_deg, i) => ({ angle_deg, person: gray([200, 190, 60, 40][i] ?? 0) }))
    paint(scene({ gradient: rings }), true)
    expect(canvas.at(WIDTH / 2, HEIGHT / 2)).toBeGreaterThan(195)
    expect(canvas.at(0, HEIGHT / 2)).toBeLessThan(70)
    expect(canvas.at(WIDTH - 1, 2)).toBeLessThan(45)
  })

  test('paints nothing where there is no room', () => {
    canvas.width = 0
    paint(scene())
    expect(canvas.pixels.length).toBe(0)
  })
})
