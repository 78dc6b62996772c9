<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity'
  import { loaded } from '../../data/busy'
  import { adviceFor } from '../../data/advice'
  import { readingsQuery, readings as writes } from '../../data/readings'
  import { watersQuery } from '../../data/waters'
  import { address } from '../../data/address.svelte'
  import { currentReading } from '../../data/currentReading.svelte'
  import { news } from '../../data/news.svelte'
  import { notices } from '../../data/notices.svelte'
  import Button from '../../ui/Button.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import AnswerSheet from './AnswerSheet.svelte'
  import AnswerStrip from './AnswerStrip.svelte'
  import NoonOffer from './NoonOffer.svelte'
  import { ANSWER } from './panels'
  import WaterFields from './WaterFields.svelte'

  /** What the water is like, and what to tie in it: beside each other, or on a phone one behind the other. */
  const isWide = new MediaQuery('(min-width: 64rem)')
  const waters = watersQuery()
  const readings = readingsQuery()
  const advice = adviceFor(() => currentReading.asked)
  const isAnswer = $derived(address.panels.includes(ANSWER))

  function goTo(id: string) {
    const water = waters.data?.find((w) => w.id === id)
    currentReading.at(water?.id ?? null)
    if (water)
      currentReading.change({
        tint: water.tint,
        red_crawfish: water.red_crawfish,
        ...(water.forage ? { forage: water.forage } : {}),
      })
  }

  const keep = () =>
    writes.add({ reading: currentReading.reading, waterId: currentReading.waterId }, (kept) => {
      if (kept) notices.say('Reading saved.', () => writes.takeBack(kept.id ?? ''))
      else notices.say('Reading saved on this device. It is sent when Kontrast can be reached.')
    })
</script>

<div class="grid gap-x-7 gap-y-4 lg:grid-cols-[minmax(0,478fr)_minmax(0,726fr)]">
  {#if isWide.current || !isAnswer}
    <section class="flex flex-col gap-3 pb-4 lg:gap-3.5 lg:pb-0" aria-labelledby="water">
      <header class="flex items-center justify-between gap-3">
        <h1 id="water" class="sr-only">What is the water like?</h1>
        <select
          class="select min-w-0 flex-1 border-0 border-b bg-transparent !px-0 text-lg font-bold sm:text-xl"
          aria-label="Water"
          value={currentReading.waterId ?? ''}
          onchange={(event) => goTo(event.currentTarget.value)}
        >
          <option value="">No named water</option>
          {#each waters.data ?? [] as water (water.id)}<option value={water.id}>{water.name}</option>{/each}
        </select>
        <Button onclick={keep}>Save reading</Button>
      </header>
      {#if currentReading.isFirstRun}{#await loaded(import('./FirstRun.svelte')) then { default: FirstRun }}<FirstRun
            onclose={() => currentReading.begin()}
          />{/await}{/if}
      {#if news.isThere}{#await loaded(import('./NewsPanel.svelte')) then { default: NewsPanel }}<NewsPanel
          />{/await}{/if}
      {#if waters.error}<Trouble error={waters.error} onretry={() => void waters.refetch()} />{/if}
      <NoonOffer />
      <WaterFields readings={readings.data ?? []} isWide={isWide.current} />
    </section>
  {/if}
  {#if isWide.current || isAnswer}<AnswerSheet {advice} isWide={isWide.current} />{/if}
</div>
{#if !isWide.current}<AnswerStrip {advice} isOpen={isAnswer} />{/if}
