<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query'
  import { answer, api, type BatchItem } from '../../api/client'
  import Trouble from '../../ui/Trouble.svelte'
  import { money } from '../../parts/part'
  import { notices } from '../../stores/notices.svelte'
  import { show } from '../../words/words'
  import { bench } from '../../stores/bench.svelte'
  import { buildsQuery } from '../../api/benchQueries.svelte'
  import { batchFor, madeQuery } from '../../api/buildSheetQueries.svelte'
  import { download, minutes } from './steps'

  /** Several builds in one sitting: what they use, what runs short, and in which order it is done. */
  const ON_BENCH = 'bench'
  const builds = buildsQuery()
  const made = madeQuery()
  const client = useQueryClient()
  let counts = $state<Record<string, number>>({ [ON_BENCH]: bench.build ? 1 : 0 })
  const choices = $derived([
    ...(bench.build ? [{ key: ON_BENCH, name: `${show(bench.build.lure)} on the bench`, build: bench.build }] : []),
    ...(builds.data ?? []).map((build) => ({ key: build.id ?? '', name: build.name, build: build.build })),
  ])
  const items = $derived<BatchItem[]>(
    choices.flatMap(({ key, name, build }) => {
      const count = counts[key] ?? 0
      return count > 0 ? [{ name, build, count }] : []
    }),
  )
  const batch = batchFor(() => items)
  const short = $derived(batch.data?.needs.filter((need) => need.short > 0) ?? [])
  const saved = $derived(
    (made.data ?? []).reduce((sum, one) => sum + (one.price == null ? 0 : one.price - one.cost), 0),
  )
  const pieces = $derived((made.data ?? []).reduce((sum, one) => sum + one.count, 0))

  async function refresh() {
    for (const key of ['bin', 'best', 'made']) await client.invalidateQueries({ queryKey: [key] })
  }

  async function make() {
    try {
      const done = await answer(api.POST('/api/made', { body: { items } }))
      await refresh()
      notices.say(`${done.what} made; the parts are drawn from the bin.`, () => undo(done.id))
      counts = {}
    } catch (error) {
      notices.problem(error)
    }
  }

  async function undo(id: string) {
    try {
      await answer(api.POST('/api/made/{id}/undo', { params: { path: { id } } }))
      await refresh()
    } catch (error) {
      notices.problem(error)
    }
  }
</script>

<div class="flex flex-col gap-4">
  <header class="flex flex-wrap items-end justify-between gap-2">
    <h1>Make several</h1>
    <div class="flex gap-2 print:hidden">
      <a class="btn btn-outline border-rule h-11" href="#/build-sheet">Build sheet</a>
      <button class="btn btn-outline border-rule h-11" onclick={() => print()}>Print</button>
    </div>
  </header>
  {#if choices.length === 0}
    <p class="max-w-prose">
      Put builds away on the <a class="underline" href="#/bench">bench</a>, and say here how many of each to make: six
      of these, four of those.
    </p>
  {/if}
  <ul>
    {#each choices as choice (choice.key)}
      <li class="border-rule flex items-center gap-3 border-t py-1.5 text-sm">
        <label class="flex flex-1 items-center gap-3">
          <input
            class="input border-rule h-11 w-20"
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
  {#if batch.isError}<Trouble error={batch.error} />{/if}
  {#if items.length > 0 && batch.data}
    {@const data = batch.data}
    <div class="grid gap-x-8 gap-y-5 lg:grid-cols-2">
      <section aria-labelledby="uses">
        <h2 id="uses" class="border-base-content border-b pb-1">What it uses</h2>
        <table class="w-full text-left text-sm">
          <thead class="text-faint text-xs"
            ><tr
              ><th class="py-1 font-normal">Part</th><th class="text-right font-normal">Needed</th><th
                class="text-right font-normal">There</th
              ><th class="text-right font-normal">Short</th></tr
            ></thead
          >
          <tbody>
            {#each data.needs as need (need.name + need.size)}
              <tr class="border-rule border-t">
                <th class="py-1 font-semibold" scope="row"
                  >{need.name}<span class="text-faint font-normal"
                    >{need.size ? `, ${need.size}` : ''}, {need.kind === 'collar' ? 'cable tie' : need.kind}</span
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
          Together {money(data.cost)}{data.price != null ? `; as many bought ones ${money(data.price)}` : ''}.
        </p>
        <div class="flex flex-wrap gap-2 print:hidden">
          <button class="btn btn-primary h-11" disabled={short.length > 0} onclick={make}
            >{short.length > 0 ? `${short.length} parts run short` : 'Built: draw the parts'}</button
          >
          {#if short.length > 0}<button
              class="btn btn-outline border-rule h-11"
              onclick={() => download('kontrast-shopping.csv', 'text/csv', data.shopping_csv)}
              >Shopping list (CSV)</button
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
  {/if}
  {#if (made.data ?? []).length > 0}
    <section class="print:hidden" aria-labelledby="made">
      <h2 id="made" class="border-base-content border-b pb-1">Made so far</h2>
      <p class="py-1 text-sm">
        {pieces} lures{saved !== 0
          ? `; building has saved ${money(saved)} beside buying`
          : '; name the price of a bought one on the build sheet to see what building saves'}.
      </p>
      <ul class="text-sm">
        {#each made.data ?? [] as one (one.id)}
          <li class="border-rule flex items-center gap-3 border-t py-1">
            <span class="text-faint w-24 shrink-0">{one.made_at.slice(0, 10)}</span>
            <span class="flex-1 font-semibold">{one.what}</span>
            <span>{money(one.cost)}</span>
            <button class="btn btn-outline border-rule h-11 px-3 text-xs" onclick={() => undo(one.id)}
              >Undo<span class="sr-only"> {one.what}</span></button
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}
</div>
