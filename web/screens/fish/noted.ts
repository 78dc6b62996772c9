import type {
  Composition,
  DrawnBuild,
  InventoryPart,
  MadeChange,
  NextStep,
  ObservedReading,
  Outing,
  OutingEvent,
  Stint,
} from '../../words/documents'
import { key } from '../../words/sameBuild'
import type { Change } from './box'
import { fullPickWords, valuesWords } from '../../words/adviceParts'
import { capital, show, temperature, tintWords, waterLength } from '../../words/words'
import type { Angler, EventKind } from '../../words/logbook'
import type { Pick } from '../../words/vocabulary'

/** How long something has been going on: 0:43. */
export function lasted(from: string, to: Date): string {
  const minutes = Math.max(0, Math.floor((to.getTime() - new Date(from).getTime()) / 60_000))
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`
}

const stintsOf = (outing: Outing, angler: Angler = 'me'): Stint[] =>
  (outing.stints ?? []).filter((stint) => (stint.angler ?? 'me') === angler)

/** The stint that is still on, of one angler. */
export const tiedOn = (outing: Outing, angler: Angler): Stint | undefined =>
  stintsOf(outing, angler).findLast((stint) => !stint.ended_at)

/** All that happened, the latest last. */
export const eventsOf = (outing: Outing): OutingEvent[] =>
  (outing.stints ?? []).flatMap((stint) => stint.events ?? []).toSorted((a, b) => a.at.localeCompare(b.at))

/** What happened, as a button says it. */
export const kindWords = (kind: EventKind) => capital(show(kind))

/** The lure with another trailer, or another blade. */
export const withPart = (build: Composition, part: InventoryPart): Composition =>
  part.kind === 'trailer' ? { ...build, trailer: part } : { ...build, rear: part }

type Maybe<T> = T | null | undefined

function changed<T>(was: Maybe<T>, is: Maybe<T>, name: string, say: (value: T) => string): string | null {
  if ((was ?? null) === (is ?? null)) return null
  return is == null ? `${name} not known` : say(is)
}

/** What is noted of the water as it is now, as far as it was otherwise before. */
function waterChanges(before: ObservedReading, now: ObservedReading, metric: boolean): string[] {
  const words = [
    changed(before.visibility_in, now.visibility_in, 'visibility', (inches) => waterLength(inches, metric)),
    changed(before.tint, now.tint, 'tint', tintWords),
    changed(before.sky, now.sky, 'sky', show),
    changed(before.wind, now.wind, 'wind', show),
    changed(before.surface_f, now.surface_f, 'temperature', (warmth) => temperature(warmth, metric)),
  ]
  return words.filter((one) => one !== null)
}

/** What began a stint: a lure, another part on the same one, or another water under it. */
export function tiedWords(outing: Outing, stint: Stint, metric: boolean): string {
  const own = stintsOf(outing, stint.angler)
  const before = own[own.findIndex((one) => one.id === stint.id) - 1]
  if (!before) return 'Tied on'
  const [was, is] = [before.build, stint.build]
  if (key(was) === key(is)) {
    const changes = waterChanges(before.reading ?? {}, stint.reading ?? {}, metric)
    return changes.length > 0 ? `Water changed to ${changes.join(', ')}` : 'Tied on'
  }
  if (key({ ...was, trailer: is.trailer }) === key(is)) return `Trailer changed to ${is.trailer?.name ?? 'none'}`
  if (key({ ...was, rear: is.rear }) === key(is)) return `Blade changed to ${is.rear?.name ?? 'none'}`
  return 'Tied on'
}

/** Which part a step of the advice is about. */
export function changeOf(step: NextStep): Change {
  if (step.change.pick === 'lure') return 'lure'
  return step.change.pick.startsWith('trailer') ? 'trailer' : 'blade'
}

/** A step of the advice, as it is said and as it is kept. */
export const stepWords = (step: NextStep, metric: boolean): string =>
  `${capital(fullPickWords(step.change.pick))}: ${valuesWords(step.change.pick, step.change.after, metric)}`

/** Whether the lure that is on has what a step would change to already. */
function isDone(step: NextStep, on: DrawnBuild['build']): boolean {
  const now: Partial<Record<Pick, string | undefined>> = {
    'trailer.base': on.trailer?.base,
    'trailer.style': on.trailer?.style,
    'trailer.surface': on.trailer?.surface,
    'blades.finish': on.blades.at(-1)?.finish,
    lure: on.lure,
  }
  return step.change.after[0] === now[step.change.pick]
}

/** The steps for fish that follow and won't bite that were not made yet, in their order, as far as they change the lure that is on. */
export function stepsLeft(
  outing: Outing,
  on: DrawnBuild['build'],
  steps: readonly NextStep[],
  metric: boolean,
): NextStep[] {
  const made = (outing.stints ?? []).flatMap((stint) => (stint.made?.symptom === 'follows' ? [stint.made.change] : []))
  return steps.filter(
    (step) => step.when === 'not_taking' && !isDone(step, on) && !made.includes(stepWords(step, metric)),
  )
}

/** The change that is being tried and of which nobody has said whether it helped. */
export const untold = (stint: Stint | undefined): MadeChange | null =>
  stint?.made && (stint.made.helped ?? null) === null ? stint.made : null
