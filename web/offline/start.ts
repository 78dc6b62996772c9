import { currentReading } from '../data/currentReading.svelte'
import { queryClient } from '../data/cache'
import { outbox } from '../data/outbox/outbox.svelte'
import { waits } from '../data/outbox/patience'
import { reach } from '../data/reach.svelte'
import { packs } from '../data/pack/packs.svelte'
import { registerWorker } from './worker'

/** Begins what a device with no signal needs; after the page is there, which waits for none of it. */
export async function startOffline(): Promise<void> {
  registerWorker()
  // What is on screen from before is old as soon as the server answers again.
  reach.whenBack(() => void queryClient.invalidateQueries())
  await outbox.start()
  const held = outbox.waiting.find((entry) => entry.write.kind === 'current')?.write
  if (held?.kind === 'current') currentReading.hold({ base: held.base ?? null, mine: held.body })
  outbox.whenSent((write, _, version) => {
    if (write.kind === 'current') currentReading.release(write.body, version)
  })
  await packs.load()
  if (location.protocol === 'https:' && !reach.isAway) setTimeout(() => void warm(), waits().readAhead)
}

/** Lists that a screen may ask for where they cannot be had: read once, so that the service worker keeps them. */
const LISTS = [
  '/api/settings',
  '/api/current-reading',
  '/api/waters',
  '/api/readings',
  '/api/builds',
  '/api/built',
  '/api/parts',
  '/api/trips',
  '/api/outings',
  '/api/trials',
  '/api/workbench',
  '/api/palette',
  '/api/rules',
  '/api/logbook/season',
  '/api/logbook/analysis',
  '/api/logbook/usual',
]

async function warm(): Promise<void> {
  const { serviceWorker } = navigator
  await serviceWorker.ready
  if (!serviceWorker.controller)
    await new Promise((taken) => serviceWorker.addEventListener('controllerchange', taken, { once: true }))
  for (const list of LISTS) await fetch(list).catch(() => undefined)
}
