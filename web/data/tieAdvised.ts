import type { LureKind } from '../words/vocabulary'
import { bench } from './bench.svelte'
import { advisedBuildFor } from './builds'
import { currentReading } from './currentReading.svelte'
import { isSame } from './merge'
import { notices } from './notices.svelte'

/** Lays the advised build out on Tie, in place of the one that lay there. */
export async function tieAdvised(lure: LureKind): Promise<void> {
  const [{ build }] = await Promise.all([advisedBuildFor.now({ ...currentReading.asked, lure }), bench.load()])
  const old = bench.build(lure)
  bench.replace(build)
  if (old && !isSame(old, build))
    notices.say('The advised build is on Tie, in place of the one you had.', () => bench.replace(old))
}
