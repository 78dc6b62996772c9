import type { Composition, WorkbenchChange } from '../words/documents'

const BUILD = 'kontrast.bench'
const CHECKLIST = 'kontrast.checklist.'

/** What an earlier version kept in the browser alone: the build on the bench and the place in each checklist. It is taken out of there. */
export function leftInBrowser(): WorkbenchChange[] {
  try {
    const build: unknown = JSON.parse(localStorage.getItem(BUILD) ?? 'null')
    const places = Object.keys(localStorage)
      .filter((key) => key.startsWith(CHECKLIST))
      .map((key) => ({ build: key.slice(CHECKLIST.length), step: Number(localStorage.getItem(key)) }))
    for (const key of [BUILD, ...places.map((place) => CHECKLIST + place.build)]) localStorage.removeItem(key)
    return [
      ...(isBuild(build) ? [{ build }] : []),
      ...places.filter(({ step }) => Number.isInteger(step) && step >= 0).map((checklist) => ({ checklist })),
    ]
  } catch {
    // A browser that keeps nothing has nothing left.
    return []
  }
}

function isBuild(kept: unknown): kept is Composition {
  return typeof kept === 'object' && kept !== null && 'lure' in kept && 'head' in kept
}
