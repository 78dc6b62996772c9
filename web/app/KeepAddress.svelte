<script lang="ts">
  import { untrack } from 'svelte'
  import type { Reading } from '../words/documents'
  import { isSame } from '../data/merge'
  import { currentReading } from '../data/currentReading.svelte'
  import { notices } from '../data/notices.svelte'
  import { loaded } from '../data/busy'
  import { address, fromParams } from '../data/address.svelte'
  import type { ScreenName } from '../words/help'

  /** Keeps the reading and the build in the address, and opens those of a link that was followed. */
  let { screen }: { screen: ScreenName } = $props()
  const KEPT_AFTER_MS = 300
  const SHOWS_READING: readonly ScreenName[] = ['Water', 'Tie']

  $effect(() => {
    const { followed } = address
    if (followed) untrack(() => void follow(followed))
  })

  /** Opens the reading of a link, once: what is changed after that is not taken back by it. */
  async function follow(followed: URLSearchParams) {
    const fields = fromParams('r', followed)
    if (!fields) return
    const { readingIn } = await loaded(import('../data/takenIn'))
    const { taken: reading, fault } = readingIn(fields)
    if (!reading) {
      notices.problem(new Error(`This link opens no reading. ${fault}.`))
      return
    }
    if (isSame(bare(reading), bare(currentReading.reading))) return
    const { reading: before, waterId } = currentReading
    currentReading.reopen(reading, null)
    notices.say('Opened the reading from the link.', () => currentReading.reopen(before, waterId))
  }

  $effect(() => {
    const reading = bare(currentReading.reading)
    void address.build
    if (!SHOWS_READING.includes(screen)) return
    const timer = setTimeout(() => address.keep(reading), KEPT_AFTER_MS)
    return () => clearTimeout(timer)
  })

  /** Without what says nothing. */
  function bare(reading: Reading): Reading {
    return Object.fromEntries(
      Object.entries($state.snapshot(reading)).filter(
        ([, one]) => one !== null && !isSame(one, []) && !isSame(one, {}),
      ),
    ) as unknown as Reading
  }
</script>
