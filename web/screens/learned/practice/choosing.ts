import type { Choices, Composition, InventoryPart } from '../../../words/documents'

/** What is chosen of the parts laid out: places in their lists. */
export interface Chosen {
  blade: number | null
  skirt: number | null
  trailer: number | null
  head: number | null
}

export type Step = keyof Chosen

export const STEPS: readonly Step[] = ['blade', 'skirt', 'trailer', 'head']
export const STEP_WORDS: Record<Step, string> = { blade: 'Blade', skirt: 'Skirt', trailer: 'Trailer', head: 'Weight' }

/** The steps in which there is anything to choose; what has one part only is taken. */
export const stepsOf = (choices: Choices): Step[] => STEPS.filter((step) => partsOf(choices, step).length > 1)

/** The parts of a step, each as what is drawn of it. */
export function partsOf(choices: Choices, step: Step): readonly (readonly (InventoryPart | null)[])[] {
  switch (step) {
    case 'blade':
      return choices.blades.map(({ front, rear }) => (front ? [front, rear ?? null] : [rear ?? null]))
    case 'skirt':
      return choices.skirts.map((one) => [one])
    case 'trailer':
      return choices.trailers.map((one) => [one])
    case 'head':
      return choices.heads.map((one) => [one])
  }
}

const ALONE = 0

const whole = (chosen: Chosen) => ({
  head: chosen.head ?? ALONE,
  blade: chosen.blade ?? ALONE,
  skirt: chosen.skirt ?? ALONE,
  trailer: chosen.trailer ?? ALONE,
})

export const answerOf = ({ answer: [head, blade, skirt, trailer] }: Choices): Chosen => ({
  head: head ?? ALONE,
  blade: blade ?? ALONE,
  skirt: skirt ?? ALONE,
  trailer: trailer ?? ALONE,
})

/** The lure that the choices make. */
export function lureOf(choices: Choices, chosen: Chosen): Composition {
  const at = whole(chosen)
  return {
    lure: choices.lure,
    head: choices.heads[at.head] as InventoryPart,
    front: choices.blades[at.blade]?.front ?? null,
    rear: choices.blades[at.blade]?.rear ?? null,
    skirt: choices.skirts[at.skirt] ?? null,
    trailer: choices.trailers[at.trailer] ?? null,
    hook: choices.hook ?? null,
  }
}

/** Where what was computed of them stands: by head, blade, skirt and trailer, the last of them fastest. */
function placeOf(choices: Choices, chosen: Chosen): number {
  const at = whole(chosen)
  return (
    ((at.head * choices.blades.length + at.blade) * choices.skirts.length + at.skirt) * choices.trailers.length +
    at.trailer
  )
}

export const pointsOf = (choices: Choices, chosen: Chosen): number => choices.totals[placeOf(choices, chosen)] ?? 0
/** Which of the right answers it is; nothing where it is wrong. */
export const acceptedAs = (choices: Choices, chosen: Chosen): Choices['accepted'][number] | undefined =>
  choices.accepted[Number(choices.right[placeOf(choices, chosen)] ?? 0) - 1]

/** What one part is worth beside the others, and could come to. */
export function worthOf(choices: Choices, chosen: Chosen, step: Step): { points: number; most: number } {
  const at = whole(chosen)
  const { worth } = choices
  const points = {
    head: worth.head[at.head],
    skirt: worth.skirt[at.skirt],
    blade: worth.blade[at.skirt]?.[at.blade],
    trailer: worth.trailer[at.skirt]?.[at.trailer],
  }[step]
  return { points: Math.round(points ?? 0), most: Math.round(worth.most[step]) }
}
