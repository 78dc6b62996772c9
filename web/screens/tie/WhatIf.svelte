<script lang="ts">
  import type { Reading } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import { nearestStop, place, STOPS } from '../../words/stick'
  import { SHORT_TINTS } from '../../words/tints'
  import { BITES, FORAGES, SKYS, TINTS, WINDS, type Tint } from '../../words/vocabulary'
  import { capital, show, waterLength } from '../../words/words'
  import Slider from '../../ui/Slider.svelte'
  import Stepper from '../../ui/Stepper.svelte'

  /** What a water is like, changed in one place after another: a copy, for what it would do. */
  interface Props {
    reading: Reading
    onchange: (reading: Reading) => void
  }
  let { reading: r, onchange }: Props = $props()
  const change = (part: Partial<Reading>) => onchange({ ...r, ...part })
  const stop = $derived(nearestStop(r.visibility_in))
  const shown = $derived(waterLength(r.visibility_in, settings.metric))
  const SELECTS = [
    { field: 'tint', label: 'Tint', words: TINTS },
    { field: 'sky', label: 'Sky', words: SKYS },
    { field: 'wind', label: 'Wind', words: WINDS },
    { field: 'bite', label: 'Bite', words: BITES },
    { field: 'forage', label: 'Forage', words: FORAGES },
  ] as const

  function toStop(index: number) {
    const inches = STOPS[Math.max(0, Math.min(STOPS.length - 1, index))]
    if (inches !== undefined) change({ visibility_in: inches })
  }
</script>

<section class="flex flex-wrap items-end gap-x-4 gap-y-2" aria-label="What if the water">
  <div class="flex min-w-56 flex-[2] flex-col text-[0.8125rem]">
    <span class="flex justify-between gap-3"><span class="font-bold">Visibility</span><output>{shown}</output></span>
    <span class="flex items-center gap-2">
      <Stepper way="less" label="Visibility: less" onstep={() => toStop(stop - 1)} />
      <Slider
        label="Visibility"
        value={stop}
        last={STOPS.length - 1}
        at={(index) => place(STOPS[index] ?? 0) / 100}
        {shown}
        onset={toStop}
        class="h-11 min-w-0 flex-1"
      />
      <Stepper way="more" label="Visibility: more" onstep={() => toStop(stop + 1)} />
    </span>
  </div>
  {#each SELECTS as select (select.field)}
    <label class="flex min-w-28 flex-1 flex-col gap-1 text-[0.8125rem]">
      <span class="font-bold">{select.label}</span>
      <select
        class="select w-full"
        value={r[select.field]}
        onchange={(event) => change({ [select.field]: event.currentTarget.value } as Partial<Reading>)}
      >
        {#each select.words as word (word)}
          <option value={word}>{select.field === 'tint' ? SHORT_TINTS[word as Tint] : capital(show(word))}</option>
        {/each}
      </select>
    </label>
  {/each}
</section>
