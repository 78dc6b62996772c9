import type { LureKind } from '../words/vocabulary'
import { bench } from './bench.svelte'
import { advisedBuildFor } from './builds'
import { currentReading } from './currentReading.svelte'
import { isSame } from './merge'
import { notices } from './notices.svelte'
import { errand } from './write.svelte'

/** Lays the advised build out on Tie, in place of the one that lay there. */
export const tieAdvised = errand('bench.advised', async (lure: LureKind) => {
  const [{ build }] = await Promise.all([advisedBuildFor.now({ ...currentReading.asked, lure }), bench.load()])
  const old = bench.build(lure)
  bench.replace(build)
  if (old && !isSame(old, build))
    notices.say('The advised build is on Tie, in place of the one you had.', () => bench.replace(old))
})
