<script lang="ts">
  import type { Reading } from '../../words/documents'
  import { readingsQuery } from '../../data/readings'
  import { shoppingFor } from '../../data/shopping'
  import { lureShown } from '../../data/lureShown.svelte'
  import { startBuild } from '../../data/startBuild.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import BuyList from '../../parts/BuyList.svelte'
  import { afterBuying, notOwned } from '../../parts/notOwned'
  import { bench } from '../../data/bench.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import { download } from '../../ui/download'
  import { toggled } from '../../ui/toggled'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import { count, time } from '../../words/numbers'
  import { BOUNDS } from '../../words/vocabulary'
  import UpgradeList from './UpgradeList.svelte'

  /** What to buy: for the build in hand, for the saved readings, and what would improve most. */
  const shown = lureShown()
  let loading = $state.raw(bench.load())
  const start = startBuild(shown)
  const build = $derived(shown.lure && bench.build(shown.lure))
  const reading = $derived(shown.reading)
  const missing = $derived(build ? notOwned(build) : [])
  const saved = readingsQuery()
  let chosen = $state.raw<string[] | null>(null)
  const offered = $derived((saved.data ?? []).slice(0, BOUNDS.mostShoppingReadings - 1))
  const picked = $derived(offered.filter((one) => chosen === null || chosen.includes(one.id ?? '')))
  const asked = $derived<Reading[]>(
    reading
      ? [reading, ...picked.map((one) => ({ ...one.reading, schools: reading.schools, lead_free: reading.lead_free }))]
      : [],
  )
  let isOpen = $state(false)
  const shopping = shoppingFor(() => (isOpen && picked.length > 0 ? asked : null))
</script>

<div class="flex flex-col gap-5">
  <h1>What to buy</h1>
  {#await loading catch error}
    <Trouble {error} onretry={() => (loading = bench.load())} />
  {/await}
  <section aria-labelledby="buy-build">
    <h2 id="buy-build">For the build on Tie</h2>
    {#if start.error}<Trouble error={start.error} onretry={() => start.retry()} />
    {:else if !build}<p role="status" class="py-2 text-sm">Putting the advised build together…</p>
    {:else if missing.length === 0}<p class="py-2 text-sm">You own every part of this build.</p>
    {:else}<BuyList items={missing} onowned={(owned, items) => bench.replace(afterBuying(build, owned, items))} />{/if}
  </section>
  <section aria-labelledby="buy-readings">
    <h2 id="buy-readings">For this reading and your saved ones</h2>
    {#if saved.data && saved.data.length === 0}
      <p class="py-2 text-sm">
        Save the readings of the waters you fish, and this list covers them all. <a class="underline" href="#/"
          >Take a reading</a
        >
      </p>
    {:else if !isOpen}
      <Button class="mt-1" onclick={() => (isOpen = true)}
        >List what {count(offered.length + 1, 'reading')} would need</Button
      >
    {:else}
      <ul class="flex flex-wrap gap-x-6 py-1">
        {#each offered as one (one.id)}
          <li>
            <label class="flex min-h-11 cursor-pointer items-center gap-2 text-sm">
              <input
                class="checkbox"
                type="checkbox"
                checked={chosen === null || chosen.includes(one.id ?? '')}
                onchange={() => (chosen = toggled(chosen ?? offered.flatMap((each) => each.id ?? []), one.id ?? ''))}
              />
              <span
                ><ReadingSummary reading={one.reading} /><span class="text-faint text-xs"
                  >{one.taken_at ? time(one.taken_at) : ''}</span
                ></span
              >
            </label>
          </li>
        {/each}
      </ul>
      <Answer question={shopping} waiting="Going through the advised builds…">
        {#snippet children(data, readings)}
          {#if data.items.length === 0}
            <p class="py-2 text-sm">Your parts are enough for the advised builds of all these readings.</p>
          {:else}
            <BuyList
              items={data.items.map((item) => ({
                part: item.part,
                note: `used in ${item.readings.length} of ${count(readings.length, 'reading')}`,
              }))}
            />
            <Button class="mt-2" onclick={() => download('kontrast-to-buy.csv', 'text/csv', data.file)}
              >Shopping list (CSV)</Button
            >
          {/if}
        {/snippet}
      </Answer>
    {/if}
  </section>
  <section aria-labelledby="buy-upgrades">
    <h2 id="buy-upgrades">Single parts that would improve your own builds most</h2>
    <UpgradeList />
  </section>
</div>
