<script lang="ts">
  import type { OutingImport, OutingSummary } from '../../words/documents'
  import { outingsQuery, outings as writes, outingsFile } from '../../data/outings'
  import { notices } from '../../data/notices.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { count, date } from '../../words/numbers'
  import ImportPreview from './ImportPreview.svelte'
  import NoOutings from './NoOutings.svelte'
  import { outingWords } from './outingWords'

  /** Every outing, newest first; in from a file after a look at it, and out. */
  const PAGE = 30
  const outings = outingsQuery()
  let shown = $state(PAGE)
  /** A file that was read and is not taken over yet. */
  let read = $state.raw<{ contents: string; holds: OutingImport } | null>(null)

  const look = async (file: File) => {
    const contents = await file.text()
    await outingsFile.preview(contents, (holds) => (read = { contents, holds }))
  }
  const take = (contents: string) =>
    outingsFile.take(contents, (done) => {
      read = null
      const added = done.outings - done.known
      const words = [
        ...(added > 0 || done.changed === 0 ? [`${count(added, 'outing')} added`] : []),
        ...(done.changed > 0 ? [`${count(done.changed, 'outing')} updated`] : []),
      ]
      notices.say(`${words.join(', ')}.`)
    })
  const remove = (one: OutingSummary) => writes.remove(one.id, `Outing of ${date(one.started_at)}`)
</script>

<section class="flex flex-col gap-4" aria-labelledby="outings">
  <header class="border-base-content flex flex-wrap items-end justify-between gap-2 border-b pb-2">
    <h1 id="outings">Outings</h1>
    <div class="flex flex-wrap gap-2">
      <Button look="primary" href="#/on-the-water">Go fishing</Button>
      <Button href="#/outing/new">Add from memory</Button>
      <FileButton words="Import" accept=".csv,text/csv,.json,application/json" onchoose={look} />
      <Button href="/api/outings/table" download="">Export CSV</Button>
      <Button href="/api/logbook" download="">Export JSON</Button>
    </div>
  </header>
  {#if read}
    {@const { contents, holds } = read}
    <ImportPreview {holds} ontake={() => take(contents)} oncancel={() => (read = null)} />
  {/if}
  <Stored query={outings} waiting="Loading outings…">
    {#snippet children(all)}
      {#if all.length === 0}
        <NoOutings />
      {:else}
        <ul>
          {#each all.slice(0, shown) as one (one.id)}
            <li class="border-rule flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t py-2">
              <span class="min-w-0">
                <a class="flex min-h-11 items-center font-bold underline" href="#/outing/{one.id}"
                  >{date(one.started_at)}, {one.water || 'no named water'}</a
                >
                <span class="block text-sm"
                  >{one.ended_at === null ? 'Still open. ' : ''}{outingWords(one, settings.metric)}</span
                >
              </span>
              <span class="flex gap-2">
                {#if one.ended_at === null}<Button look="primary" href="#/on-the-water/{one.id}">Go on</Button>{/if}
                <Button onclick={() => remove(one)}
                  >Delete<span class="sr-only"> the outing of {date(one.started_at)}</span></Button
                >
              </span>
            </li>
          {/each}
        </ul>
        {#if all.length > shown}
          <Button class="self-start" onclick={() => (shown += PAGE)}
            >Show {Math.min(PAGE, all.length - shown)} more</Button
          >
        {/if}
      {/if}
    {/snippet}
  </Stored>
</section>
