import type { Motion, Scene } from '../words/documents'
import type { Eye } from '../lure/paint'

/** The last step at which an eye sees anything of a lure, the flashes of its blades included where they turn. */
export function edgeOf(scene: Scene | undefined, eye: Eye, motion?: Motion): number {
  const visible = `visible_${eye}` as const
  const parts = [...(scene?.parts.filter((part) => part.place !== 'steel') ?? []), ...(motion?.parts ?? [])]
  return Math.max(0, scene?.distances_in.findLastIndex((_, i) => parts.some((part) => part[visible][i])) ?? 0)
}

/** The distance at which a lure is gone to an eye; null where it is still seen at the farthest. */
export function goneAt(scene: Scene, eye: Eye, motion?: Motion): number | null {
  return scene.distances_in[edgeOf(scene, eye, motion) + 1] ?? null
}

/** Where it matters most: half as far as a bass sees the skirt, or where there is none half of the parts. */
export function atHalf(scene: Scene | undefined): number {
  const parts = scene?.parts.filter((part) => part.place !== 'steel') ?? []
  const skirt = parts.filter((part) => part.place === 'skirt' && part.layer === 0)
  const edges = (skirt.length > 0 ? skirt : parts)
    .map((part) => Math.max(0, part.visible_bass.lastIndexOf(true)))
    .toSorted((a, b) => a - b)
  return Math.max(1, Math.round((edges[Math.floor(edges.length / 2)] ?? 0) / 2))
}
