export function round(value: number, places: number): number {
  const scale = 10 ** places
  return Math.round(value * scale) / scale
}
