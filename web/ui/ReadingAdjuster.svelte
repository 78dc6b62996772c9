<script lang="ts">
  import { BITES, FORAGES, SKYS, TINTS, WINDS, type Tint } from '../words/vocabulary'
  import type { Reading } from '../api/client'
  import { currentReading } from '../stores/currentReading.svelte'
  import { settings } from '../stores/settings.svelte'
  import { capital, show, waterLength } from '../words/words'
  import { nearestStop, STOPS } from '../words/stick'
  import { SHORT_TINTS } from '../words/tints'

  /** The handful of things that turn most often, to change without leaving the advice. */
  const r = $derived(currentReading.reading)
  const stop = $derived(nearestStop(r.visibility_in))
  const SELECTS = [
    { field: 'tint', label: 'Tint', words: TINTS },
    { field: 'sky', label: 'Sky', words: SKYS },
    { field: 'wind', label: 'Wind', words: WINDS },
    { field: 'bite', label: 'Bite', words: BITES },
    { field: 'forage', label: 'Forage', words: FORAGES },
  ] as const

  function toStop(index: number) {
    const inches = STOPS[index]
    if (inches !== undefined) currentReading.change({ visibility_in: inches })
  }
</script>

<section class="flex flex-wrap items-end gap-x-4 gap-y-2" aria-label="Change one thing">
  <div class="flex min-w-48 flex-[2] flex-col text-[0.8125rem]">
    <span class="flex justify-between gap-3"
      ><span class="font-bold">Visibility</span><output>{waterLength(r.visibility_in, settings.metric)}</output></span
    >
    <input
      class="gauge h-11 w-full"
      type="range"
      aria-label="Visibility"
      min="0"
      max={STOPS.length - 1}
      step="1"
      value={stop}
      aria-valuetext={waterLength(r.visibility_in, settings.metric)}
      oninput={(event) => toStop(Number(event.currentTarget.value))}
    />
  </div>
  {#each SELECTS as select (select.field)}
    <label class="flex min-w-28 flex-1 flex-col gap-1 text-[0.8125rem]">
      <span class="font-bold">{select.label}</span>
      <select
        class="select border-rule h-11 w-full"
        value={r[select.field]}
        onchange={(event) => currentReading.change({ [select.field]: event.currentTarget.value } as Partial<Reading>)}
      >
        {#each select.words as word (word)}
          <option value={word}>{select.field === 'tint' ? SHORT_TINTS[word as Tint] : capital(show(word))}</option>
        {/each}
      </select>
    </label>
  {/each}
</section>
