<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query'
  import { push } from 'svelte-spa-router'
  import { answer, api, type KeptReading } from '../../api/client'
  import Trouble from '../../ui/Trouble.svelte'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { notices } from '../../stores/notices.svelte'
  import { toggled } from '../../ui/toggled'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import Compare from './CompareReadings.svelte'
  import { readingsQuery, watersQuery } from '../../api/logbookQueries.svelte'
  import Waters from './Waters.svelte'

  const readings = readingsQuery()
  const waters = watersQuery()
  const client = useQueryClient()
  let marked = $state<string[]>([])
  const pair = $derived((readings.data ?? []).filter((kept) => marked.includes(kept.id ?? '')))

  const dates = new Intl.DateTimeFormat('en', { dateStyle: 'medium', timeStyle: 'short' })
  const when = (kept: KeptReading) => (kept.taken_at ? dates.format(new Date(kept.taken_at)) : '')
  const where = (kept: KeptReading) =>
    waters.data?.find((water) => water.id === kept.water_id)?.name ?? 'no named water'
  const title = (kept: KeptReading) => `${where(kept)}, ${when(kept)}`

  function mark(id: string) {
    marked = toggled(marked, id).slice(-2)
  }

  async function reopen(kept: KeptReading) {
    currentReading.reopen(kept.reading, kept.water_id ?? null)
    await push('/')
  }

  async function remove(kept: KeptReading) {
    const path = { id: kept.id ?? '' }
    const refresh = () => client.invalidateQueries({ queryKey: ['readings'] })
    try {
      await answer(api.DELETE('/api/readings/{id}', { params: { path } }))
      await refresh()
      notices.say('Reading deleted.', async () => {
        await answer(api.POST('/api/readings/{id}/restore', { params: { path } }))
        await refresh()
      })
    } catch (error) {
      notices.problem(error)
    }
  }
</script>

<div class="flex flex-col gap-8">
  <section aria-labelledby="kept">
    <header class="border-base-content flex flex-wrap items-end justify-between gap-2 border-b pb-2">
      <h1 id="kept">Readings put away</h1>
      <a class="btn btn-outline border-rule h-11" href="/api/notebook" download>Carry away as JSON</a>
    </header>
    {#if readings.isError}
      <Trouble error={readings.error} />
    {:else if readings.data?.length === 0}
      <p class="max-w-prose py-4">
        Nothing here yet. Take a reading and tap “Put away”: it is kept with its time and place, to be opened again on a
        like day or laid beside another.
      </p>
    {:else}
      <p class="text-faint py-2 text-sm">Mark two to lay them side by side.</p>
      <ul>
        {#each readings.data ?? [] as kept (kept.id)}
          <li class="border-rule flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t py-2">
            <label class="flex min-h-11 min-w-0 flex-1 cursor-pointer items-center gap-3">
              <input
                class="checkbox"
                type="checkbox"
                checked={marked.includes(kept.id ?? '')}
                onchange={() => mark(kept.id ?? '')}
              />
              <span class="min-w-0">
                <span class="block text-sm font-bold">{title(kept)}</span>
                <ReadingSummary reading={kept.reading} />
                {#if kept.note}<span class="text-faint block text-sm">{kept.note}</span>{/if}
              </span>
            </label>
            <span class="flex gap-2">
              <button class="btn btn-outline border-rule h-11" onclick={() => reopen(kept)}
                >Open<span class="sr-only"> {title(kept)}</span></button
              >
              <button class="btn btn-outline border-rule h-11" onclick={() => remove(kept)}
                >Delete<span class="sr-only"> {title(kept)}</span></button
              >
            </span>
          </li>
        {/each}
      </ul>
    {/if}
  </section>
  {#if pair[0] && pair[1]}<Compare left={pair[0]} right={pair[1]} {title} />{/if}
  <Waters />
</div>
