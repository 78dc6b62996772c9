<script lang="ts">
  import type { Outing } from '../../words/documents'
  import { drawnFor } from '../../data/outings'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { settings } from '../../data/settings.svelte'
  import { timeOf } from '../../words/clock'
  import { lureWords } from '../../words/lureWords'
  import { fishLength } from '../../words/words'
  import { dayAccount } from './dayAccount'

  /** What the day came to. */
  let { outing }: { outing: Outing } = $props()
  const day = $derived(dayAccount(outing))
  const best = $derived(day.best)
  const drawn = drawnFor(() => (best ? [best.build] : null))
  const figures = $derived([
    { name: 'Fished', value: timeOf(day.minutes) },
    { name: day.fish === 1 ? 'Fish' : 'Fish landed', value: String(day.fish) },
    { name: 'Bites in all', value: String(day.bites) },
    { name: 'Longest', value: day.longest_in === null ? 'not measured' : fishLength(day.longest_in, settings.metric) },
  ])
  const plural = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`
</script>

<section aria-label="The day" class="flex max-w-xl flex-col gap-4 pb-4">
  <h1>The day</h1>
  <dl class="border-base-content grid grid-cols-2 gap-px border-y sm:grid-cols-4">
    {#each figures as { name, value } (name)}
      <div class="py-2">
        <dt class="text-faint text-sm">{name}</dt>
        <dd class="text-2xl font-extrabold">{value}</dd>
      </div>
    {/each}
  </dl>
  {#if best}
    <div class="flex items-center gap-3">
      <div class="bg-proof h-24 w-40 shrink-0 p-1 text-[#1a1a1a]">
        {#if drawn.shown?.value[0]}
          {@const one = drawn.shown.value[0]}
          <Thumbnail build={one.build} paint={inTheirColours(one.build, one.look_parts)} />
        {/if}
      </div>
      <p class="text-sm">
        <span class="font-bold">Most bites: {lureWords(best.build, outing.box?.lures)}</span><br />
        {plural(best.bites, 'bite', 'bites')} in {timeOf(best.minutes)}, {best.fish} landed.
        <span class="text-faint">One day settles nothing: the log counts it with the others.</span>
      </p>
    </div>
  {:else}
    <p class="text-sm">
      Nothing bit{day.follows > 0 ? `, and ${plural(day.follows, 'fish', 'fish')} followed` : ''}. Hours without a bite
      count as much as those with one.
    </p>
  {/if}
  {#if day.partnersFish > 0}<p class="text-sm">The partner landed {day.partnersFish}.</p>{/if}
</section>
