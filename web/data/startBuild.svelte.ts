import { untrack } from 'svelte'
import type { AdvisedBuild, Reading } from '../words/documents'
import { advisedBuildFor } from './builds'
import type { Question } from './question.svelte'
import type { LureKind } from '../words/vocabulary'
import { bench } from './bench.svelte'

interface Shown {
  readonly lure: LureKind | null
  readonly reading: Reading | null
}

/** Puts the advised build on the bench where there is none for the lure shown; called while a screen is set up. */
export function startBuild(shown: Shown, isHeld: () => boolean = () => false): Question<Reading, AdvisedBuild> {
  const start = advisedBuildFor(() =>
    bench.isLoaded && shown.lure && !bench.build(shown.lure) && !isHeld() ? shown.reading : null,
  )
  $effect(() => {
    const advised = start.current
    if (advised && shown.lure === advised.build.lure && !bench.build(advised.build.lure))
      untrack(() => bench.replace(advised.build))
  })
  return start
}
