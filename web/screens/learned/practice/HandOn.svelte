<script lang="ts">
  import type { PracticeSession } from '../../../words/documents'
  import { chartFor } from '../../../data/chart'
  import { anySeed, makeUp } from '../../../data/practice'
  import { bandColumns, request } from '../../../lure/chart'
  import { currentReading } from '../../../data/currentReading.svelte'
  import { notices } from '../../../data/notices.svelte'
  import { settings } from '../../../data/settings.svelte'
  import { release } from '../../../data/release.svelte'
  import Button from '../../../ui/Button.svelte'
  import { download } from '../../../ui/download'
  import { capital, show, tintWords } from '../../../words/words'

  /** Ten waters and the chart of one’s own as one file: for a friend’s phone, or to print for a class. */
  const COUNT = 10
  let made = $state<number | null>(null)

  async function handOn() {
    made = 0
    try {
      const { pocketFile } = await import('../../../offline/pocketFile')
      const waters: PracticeSession[] = []
      while (waters.length < COUNT) {
        waters.push(await makeUp({ lesson: 'tie', seed: anySeed(), count: 1, first: [], owned: false }))
        made = waters.length
      }
      const reading = currentReading.asked
      const lure = reading.lure === 'any' ? 'bladed_jig' : reading.lure
      const tops = bandColumns(reading)
      const body = request(reading, tops, lure, reading.forage, 'sky')
      const chart = {
        title: `${capital(show(lure))}, ${tintWords(reading.tint)}, ${show(reading.forage)}`,
        columns: tops.map((top) => top.name),
        value: await chartFor.now(body),
      }
      download(
        'kontrast-practice.html',
        'text/html',
        await pocketFile(
          { kontrast_practice: 1, units: settings.metric ? 'metric' : 'us', waters, chart },
          release.value?.version,
        ),
      )
    } catch (error) {
      notices.problem(error)
    }
    made = null
  }
</script>

<p class="flex flex-wrap items-center gap-3 text-sm">
  <Button disabled={made !== null} onclick={handOn}>Ten waters as a file</Button>
  {#if made !== null}
    <progress class="progress h-3 w-40" value={made} max={COUNT} aria-label="Making up waters"></progress>
    <span role="status">{made} of {COUNT}</span>
  {:else}<span class="text-faint"
      >One page for a friend’s phone, with the chart of your water; or to print for a class, answers at the end.</span
    >{/if}
</p>
