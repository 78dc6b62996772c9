<script lang="ts">
  import { push } from 'svelte-spa-router'
  import type { CarriedLure, SavedBuild, TripPlan, TripRequest } from '../../words/documents'
  import { lookLonger } from '../../data/trips'
  import { builds } from '../../data/builds'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { slotsOf } from '../../words/slots'
  import { bench } from '../../data/bench.svelte'
  import { currentReading } from '../../data/currentReading.svelte'
  import { notices } from '../../data/notices.svelte'
  import Button from '../../ui/Button.svelte'
  import Panel from '../../ui/Panel.svelte'
  import { timeWords } from '../../words/clock'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'
  import CarryCurve from './CarryCurve.svelte'

  /** The few lures and trailers that cover the day, what each is for, what the day lacks, and what one more would gain. */
  let { trip, plan }: { trip: TripRequest; plan: TripPlan } = $props()
  const carry = $derived(plan.carry)
  const share = (of: number) => `${Math.round(100 * of)} % of the day`
  const parts = (lure: CarriedLure) =>
    slotsOf(lure.parts.lure)
      .flatMap((slot) => lure.parts[slot]?.name ?? [])
      .join(' · ')
  const stretch = ({ from, to }: { from: string; to: string }) => `${timeWords(from)} to ${timeWords(to)}`
  const proof = $derived(
    carry.exact
      ? 'No other choice of what was considered is better.'
      : `No choice of what was considered is more than ${Math.max(0.1, round(carry.bound - carry.worth, 1))} better.`,
  )
  let progress = $state<number | null>(null)
  let cancel: AbortController | null = null

  /** Searches on, up to a minute; the plan on screen stays the best so far meanwhile. */
  async function search() {
    cancel = new AbortController()
    progress = 0
    try {
      for await (const done of lookLonger(trip, cancel.signal)) progress = done
    } catch (error) {
      if (!cancel.signal.aborted) notices.problem(error)
    }
    progress = null
    cancel = null
  }

  async function toBench(lure: CarriedLure) {
    bench.replace(lure.parts)
    // The bench shows the build of the reading's lure.
    if (currentReading.asked.lure !== lure.parts.lure) currentReading.change({ lure: lure.parts.lure })
    await push('/tie')
  }

  /** Saves each as a build, which is what a batch is made of. */
  async function toBatch() {
    const saved: SavedBuild[] = []
    for (const [i, lure] of carry.lures.entries()) {
      const name = `${trip.date} no. ${i + 1}: ${show(lure.build.lure)}`
      if (!(await builds.add({ name, build: lure.parts, note: lure.best_for }, (one) => saved.push(one)))) return
    }
    notices.say(`${saved.length} builds saved for the batch.`, async () => {
      for (const one of saved) await builds.takeBack(one.id ?? '')
    })
    await push('/tie/batch')
  }
</script>

<Panel title="What to carry" gist="most of the day first">
  <ol class="grid gap-x-6 gap-y-4 sm:grid-cols-2 lg:grid-cols-4">
    {#each carry.lures as lure, i (i)}
      <li class="flex min-w-0 flex-col gap-1 text-sm leading-snug">
        <span class="bg-proof block h-24 p-1 text-[#1a1a1a]"
          ><Thumbnail build={lure.build} paint={inTheirColours(lure.build, lure.look_parts)} /></span
        >
        <p class="text-base font-bold">{i + 1}. {capital(show(lure.build.lure))}, {share(lure.covers)}</p>
        {#if (lure.fished ?? []).length > 0}<p class="text-faint">{(lure.fished ?? []).map(stretch).join('; ')}</p>{/if}
        <p>For {lure.best_for}.</p>
        {#each lure.on_water as change (change)}<p class="font-semibold">{change}.</p>{/each}
        <p>
          {#if lure.only_for}
            {lure.only_for === lure.best_for
              ? 'No other of these does that.'
              : `No other of these is for ${lure.only_for}.`}
            Without it the day is worth {round(lure.alone, 1)} points less.
          {:else}
            The others do nearly as well: leave it first.
          {/if}
        </p>
        <p class="text-faint flex-1 text-xs">{parts(lure)}</p>
        <Button class="self-start" label="Open in Tie: lure {i + 1}" onclick={() => toBench(lure)}>Open in Tie</Button>
      </li>
    {/each}
  </ol>
  <p class="pt-3 text-sm">
    Expected catch over the day: <span class="text-base font-extrabold">{round(carry.worth, 1)}</span> of 100, which is
    what the advised lures would get. It looks at {plan.scenarios} ways the day may turn out and at what the fish may think
    of each lure, and supposes that you find out which it is. {proof}
    {#if !carry.exact && progress === null}<Button class="ml-1" onclick={search}>Look longer</Button>{/if}
  </p>
  {#if progress !== null}
    <div class="flex items-center gap-3 pb-2 text-sm">
      <progress class="progress h-3 flex-1" value={progress} max={100} aria-label="Search"></progress>
      <Button onclick={() => cancel?.abort()}>Stop</Button>
    </div>
  {/if}
  {#if carry.trailers.length > 0}
    <p class="border-rule border-t pt-2 text-sm">
      <span class="font-semibold">Trailers:</span>
      {carry.trailers.map((one) => `${one.part.name} (${share(one.covers)})`).join('; ')}.
    </p>
  {/if}
  {#if carry.fewer}<p class="py-1 text-sm font-semibold">{carry.fewer}</p>{/if}
  {#each carry.spares as spare (spare)}<p class="py-1 text-sm">{spare}</p>{/each}
  {#if plan.gaps.length > 0}
    <h3 class="pt-2 text-sm font-bold">What the day lacks</h3>
    <ul class="text-sm leading-snug">
      {#each plan.gaps as gap (gap.scenario + gap.lacks)}
        <li class="border-rule border-t py-1">
          <span class="font-semibold">{capital(gap.scenario)}:</span>
          {gap.lacks}
        </li>
      {/each}
    </ul>
  {/if}
  <CarryCurve curve={carry.curve} carried={trip.carry?.lures ?? carry.lures.length} />
  <div class="flex flex-wrap gap-2 pt-2">
    <Button look="primary" onclick={toBatch}>Build these in a batch</Button>
    <Button href="#/box/buy">What to buy</Button>
  </div>
</Panel>
