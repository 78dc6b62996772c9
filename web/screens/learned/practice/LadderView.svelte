<script lang="ts">
  import type { Ladder } from '../../../words/documents'
  import Lure from '../../../lure/Lure.svelte'
  import { inTheirColours } from '../../../lure/paint'
  import { SPAN_IN } from '../../../lure/units'
  import Button from '../../../ui/Button.svelte'
  import ReadingSummary from '../../../ui/ReadingSummary.svelte'
  import { capital, show } from '../../../words/words'
  import DrawnWater from './DrawnWater.svelte'

  /** A first lesson: a pick, followed through a few waters, then a water of one's own. */
  let { ladder }: { ladder: Ladder } = $props()
  let at = $state(0)
  const screen = $derived(ladder.screens[at])
  const last = $derived(ladder.screens.length - 1)
  const facts = $derived([...new Set(ladder.screens.flatMap(({ waters }) => waters.flatMap((one) => one.facts)))])
</script>

<div class="flex flex-col gap-3">
  <header class="flex flex-wrap items-end justify-between gap-2">
    <div>
      <h1 class="text-xl font-bold sm:text-2xl">{ladder.title}</h1>
      <p class="text-faint text-sm" aria-live="polite">{at + 1} of {ladder.screens.length}</p>
    </div>
    <Button href="#/learned/practice">Stop here</Button>
  </header>
  {#if screen}
    <div class={['grid gap-x-7 gap-y-4', screen.waters.length > 1 && 'lg:grid-cols-2']}>
      {#each screen.waters as water, i (i)}
        <section aria-label={capital(show(water.value))}>
          <div class="grid gap-1 sm:grid-cols-2">
            <DrawnWater shown={water.reading} column={water.column} isWhole={false} class="aspect-[4/3]" />
            <div class="bg-proof flex aspect-[4/3] items-center p-2 text-[#1a1a1a]">
              <Lure
                build={water.lure.build}
                paint={inTheirColours(water.lure.build, water.lure.look_parts)}
                span={SPAN_IN}
                ruler={false}
              />
            </div>
          </div>
          <p class="pt-2 text-lg leading-snug font-bold">{capital(show(water.value))}</p>
          <p class="max-w-prose">{water.because}</p>
          <ReadingSummary reading={water.reading} />
        </section>
      {/each}
    </div>
  {/if}
  <p class="flex flex-wrap gap-2">
    {#if at > 0}<Button onclick={() => at--}>Back</Button>{/if}
    {#if at < last}<Button look="primary" onclick={() => at++}>Next</Button>
    {:else}<Button look="primary" href="#/learned/practice?lesson=tie&first={facts.join(',')}"
        >Now a water of your own</Button
      >{/if}
  </p>
</div>
