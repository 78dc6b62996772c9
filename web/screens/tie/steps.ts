import type { BuildSheet, BuildStep, Build } from '../../words/documents'
import { partLength } from '../../words/words'

export type Task = BuildStep['task']

/** The steps at the wire of a spinnerbait, which are drawn on the bare arm. */
export const WIRE: readonly Task[] = [
  'first_bead',
  'front_blade',
  'second_bead',
  'spacer',
  'third_bead',
  'form_loop',
  'rear_blade',
  'close_loop',
]

/** How much longer than trimmed the strands of a skirt are when it is pushed on. */
const UNCUT = 1.35

/** What is on the lure once a step is done. */
export function upTo(sheet: BuildSheet, step: number): Build {
  const done = new Set(sheet.steps.slice(0, step + 1).map((one) => one.task))
  const { build } = sheet
  const { measures } = build
  const bladed = build.lure === 'bladed_jig' && !done.has('plate')
  const cut = done.has('trim') || measures.skirt_in === null
  return {
    ...build,
    blades: bladed ? [] : build.blades,
    skirt: done.has('skirt') ? build.skirt : null,
    trailer: done.has('trailer') ? build.trailer : null,
    trailer_hook: done.has('hook') ? build.trailer_hook : null,
    measures: {
      ...measures,
      blades: bladed ? [] : measures.blades,
      skirt_in: cut || measures.skirt_in === null ? measures.skirt_in : measures.skirt_in * UNCUT,
      trailer_hook_in: done.has('hook') ? measures.trailer_hook_in : null,
    },
  }
}

export function stepText(step: BuildStep, sheet: BuildSheet, metric: boolean): string {
  return step.text.replace('{trim}', sheet.trim_in === null ? '' : partLength(sheet.trim_in, metric))
}

/** "12 min", or "1 h 5 min". */
export function minutes(count: number): string {
  const whole = Math.max(1, Math.round(count))
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`
}
