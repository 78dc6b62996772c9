<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import type { BatchItem } from '../../words/documents'
  import { lureShown } from '../../data/lureShown.svelte'
  import { batchFor, builtQuery, built as writes } from '../../data/built'
  import { buildsQuery } from '../../data/builds'
  import Answer from '../../ui/Answer.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { money } from '../../data/money'
  import { date } from '../../words/numbers'
  import { notices } from '../../data/notices.svelte'
  import { PART_KIND_LABELS } from '../../words/vocabulary'
  import { startBuild } from '../../data/startBuild.svelte'
  import { show } from '../../words/words'
  import { bench } from '../../data/bench.svelte'
  import { download } from '../../ui/download'
  import { minutes } from './steps'

  /** Several builds in one sitting: what they use, what runs short, and in which order it is done. */
  const ON_BENCH = 'bench'
  const builds = buildsQuery()
  const built = builtQuery()
  const shown = lureShown()
  const start = startBuild(shown)
  const onBench = $derived(shown.lure && bench.build(shown.lure))
  let loading = $state.raw(bench.load())
  let counts = $state<Record<string, number>>({ [ON_BENCH]: 1 })
  const choices = $derived([
    ...(onBench ? [{ key: ON_BENCH, name: `${show(onBench.lure)} in hand`, build: onBench }] : []),
    ...(builds.data ?? []).map((build) => ({ key: build.id ?? '', name: build.name, build: build.build })),
  ])
  const items = $derived<BatchItem[]>(
    choices.flatMap(({ key, name, build }) => {
      const count = counts[key] ?? 0
      return count > 0 ? [{ name, build, count }] : []
    }),
  )
  const batch = batchFor(() => (items.length > 0 ? items : null))
  const short = $derived(batch.current?.needs.filter((need) => need.short > 0) ?? [])
  const saved = $derived(
    (built.data ?? []).reduce((sum, one) => sum + (one.price == null ? 0 : one.price - one.cost), 0),
  )
  const pieces = $derived((built.data ?? []).reduce((sum, one) => sum + one.count, 0))

  const build = (made: BatchItem[]) =>
    writes.add(made, (done) => {
      notices.say(`${done.what} built; the parts are taken from stock.`, () => writes.undo(done.id))
      counts = {}
    })
</script>

<div class="flex flex-col gap-4">
  <header class="flex flex-wrap items-end justify-between gap-2">
    <h1>Batch build</h1>
    <div class="flex gap-2 print:hidden">
      <Button onclick={() => print()}>Print</Button>
    </div>
  </header>
  {#if start.error}<Trouble error={start.error} onretry={() => start.retry()} />{/if}
  {#if choices.length === 0 && !start.error}<p role="status">Putting the advised build together…</p>{/if}
  {#if builds.data?.length === 0}
    <p class="max-w-prose text-sm">
      Save more builds in <a class="underline" href="#/tie/saved">Tie</a> to build several kinds in one batch.
    </p>
  {/if}
  <ul>
    {#each choices as choice (choice.key)}
      <li class="border-rule flex items-center gap-3 border-t py-1.5 text-sm">
        <label class="flex flex-1 items-center gap-3">
          <input
            class="input w-20"
            type="number"
            min="0"
            max="500"
            value={counts[choice.key] ?? 0}
            oninput={(event) => (counts[choice.key] = Math.max(0, Math.trunc(event.currentTarget.valueAsNumber || 0)))}
          />
          <span class="font-semibold">{choice.name}</span>
        </label>
      </li>
    {/each}
  </ul>
  {#if builds.error}<Trouble error={builds.error} onretry={() => void builds.refetch()} />{/if}
  {#await loading catch error}<Trouble {error} onretry={() => (loading = bench.load())} />{/await}
  <Answer question={batch} waiting="Adding up parts and time…">
    {#snippet children(data, asked)}
      <div class="grid gap-x-8 gap-y-5 lg:grid-cols-2">
        <section aria-labelledby="uses">
          <h2 id="uses" class="border-base-content border-b pb-1">What it uses</h2>
          <table class="w-full text-left text-sm [&_td]:pl-2 [&_th+th]:pl-2 [&_thead_th]:whitespace-nowrap">
            <thead class="text-faint text-xs"
              ><tr
                ><th class="py-1 font-normal">Part</th><th class="text-right font-normal">Needed</th><th
                  class="text-right font-normal">In stock</th
                ><th class="text-right font-normal">Missing</th></tr
              ></thead
            >
            <tbody>
              {#each data.needs as need (need.name + need.size)}
                <tr class="border-rule border-t">
                  <th class="py-1 font-semibold" scope="row"
                    >{need.name}<span class="text-faint font-normal"
                      >{need.size ? `, ${need.size}` : ''}, {PART_KIND_LABELS[need.kind]}</span
                    ></th
                  >
                  <td class="text-right">{need.needed}</td>
                  <td class="text-right">{need.there}</td>
                  <td class="text-right {need.short > 0 ? 'font-extrabold underline' : ''}"
                    >{need.short > 0 ? need.short : '—'}</td
                  >
                </tr>
              {/each}
            </tbody>
          </table>
          <p class="py-2 text-sm">
            Total {money(data.cost)}{data.price != null ? `; bought: ${money(data.price)}` : ''}.
          </p>
          <div class="flex flex-wrap gap-2 print:hidden">
            <Button look="primary" disabled={short.length > 0} onclick={() => build(asked)}
              >{short.length > 0 ? `${short.length} parts missing` : 'Mark as built and take parts from stock'}</Button
            >
            {#if short.length > 0}<Button
                onclick={() => download('kontrast-shopping.csv', 'text/csv', data.shopping_csv)}
                >Shopping list (CSV)</Button
              >{/if}
          </div>
        </section>
        <section aria-labelledby="order">
          <h2 id="order" class="border-base-content border-b pb-1">In this order, about {minutes(data.minutes)}</h2>
          <ol class="text-sm">
            {#each data.order as turn, i (turn.task)}
              <li class="border-rule flex items-baseline gap-3 border-t py-1">
                <span class="w-6 text-right font-bold">{i + 1}</span>
                <span class="flex-1"
                  ><span class="font-semibold">{turn.title}, {turn.count}</span>
                  <span class="text-faint text-xs">{turn.builds.join('; ')}</span></span
                >
                <span class="whitespace-nowrap">{minutes(turn.minutes)}</span>
              </li>
            {/each}
          </ol>
        </section>
      </div>
    {/snippet}
  </Answer>
  {#if (built.data ?? []).length > 0}
    <section class="print:hidden" aria-labelledby="made">
      <h2 id="made" class="border-base-content border-b pb-1">Built so far</h2>
      <p class="py-1 text-sm">
        {pieces} lures{saved !== 0
          ? `; building has saved ${money(saved)} compared with buying`
          : '; enter the price if bought on the build sheet to see what building saves'}.
      </p>
      <ul class="text-sm">
        {#each built.data ?? [] as one (one.id)}
          <li class="border-rule flex items-center gap-3 border-t py-1">
            <span class="text-faint w-24 shrink-0">{date(one.made_at)}</span>
            <span class="flex-1 font-semibold">{one.what}</span>
            <span>{money(one.cost)}</span>
            <Button onclick={() => writes.undo(one.id)}>Undo<span class="sr-only"> {one.what}</span></Button>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
</div>
