<script lang="ts">
  import type { Outing, OutingEvent } from '../../words/documents'
  import { outings as writes } from '../../data/outings'
  import { keepPhoto } from '../../parts/photo'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import Several from '../../ui/Several.svelte'
  import { COLOURS, FORAGES } from '../../words/vocabulary'
  import { fishLength } from '../../words/words'
  import FishLength from './FishLength.svelte'
  import { kindWords } from './noted'
  import { clock } from '../../words/clock'

  /** The last thing noted: taken back with one tap, and with more to say about it where one wants. */
  let { outing, event }: { outing: Outing; event: OutingEvent } = $props()
  let isMore = $state(false)
  /** The usual lengths, one tap each; others are under “More”. */
  const LENGTHS_IN = [12, 13, 14, 15, 16, 17, 18, 19, 20]
  const words = $derived(
    [
      kindWords(event.kind),
      event.angler === 'partner' ? 'the partner’s' : '',
      event.length_in ? fishLength(event.length_in, settings.metric) : '',
      clock(event.at),
    ]
      .filter(Boolean)
      .join(', '),
  )
  const took = $derived(Object.values(event.taken ?? {}).reduce((sum, count) => sum + count, 0))

  /** What was said about it since it was shown: each write says all of it. */
  let said: Partial<OutingEvent> = {}
  let about = ''
  function change(part: Partial<OutingEvent>) {
    const id = event.id ?? ''
    said = about === id ? { ...said, ...part } : part
    about = id
    return writes.note(outing.id ?? '', id, { ...event, ...said })
  }
  const undo = () => writes.unnote(outing.id ?? '', event)
  const photo = (file: File) => keepPhoto(file, (kept) => writes.photo(outing.id ?? '', event.id ?? '', kept))
</script>

<section aria-label="Last note" class="border-rule border-y py-1">
  <div class="flex items-center justify-between gap-2">
    <p class="min-w-0 text-sm font-semibold" role="status">{words}</p>
    <span class="flex gap-2">
      {#if event.kind === 'landed'}<Button pressed={isMore} onclick={() => (isMore = !isMore)}>More</Button>{/if}
      <Button onclick={undo}>Undo</Button>
    </span>
  </div>
  {#if took > 0}
    <p class="flex flex-wrap items-center justify-between gap-2 text-sm">
      <span>{took === 1 ? 'One part was' : `${took} parts were`} taken from stock.</span>
      <Button onclick={() => change({ takes_stock: false })}>Leave the stock as it was</Button>
    </p>
  {/if}
  {#if event.kind === 'landed' && !event.length_in && !isMore}
    <!-- Asked once, right after the fish: told or not, it is gone with the next note. -->
    <div class="grid grid-cols-5 gap-1 py-1 sm:grid-cols-9" role="group" aria-label="How long was it?">
      {#each LENGTHS_IN as length_in (length_in)}
        <Button class="px-0" onclick={() => change({ length_in })}>{fishLength(length_in, settings.metric)}</Button>
      {/each}
    </div>
  {/if}
  {#if isMore && event.kind === 'landed'}
    <div class="flex flex-col gap-3 py-2">
      <div class="flex flex-wrap items-center gap-4">
        <span class="flex items-center gap-2 text-[0.8125rem] font-bold"
          >Length
          <FishLength inches={event.length_in} onset={(length_in) => change({ length_in })} />
        </span>
        <FileButton words={event.has_photo ? 'Another picture' : 'Picture'} accept="image/*" onchoose={photo} />
      </div>
      <Choice
        label="It spat up"
        options={FORAGES}
        value={event.forage_seen?.[0]}
        optional
        onpick={(forage) => change({ forage_seen: [forage] })}
        onclear={() => change({ forage_seen: [] })}
        columns="grid-cols-3"
      />
      <Several
        label="Colors seen on it"
        options={COLOURS}
        value={event.colours_seen ?? []}
        onset={(colours_seen) => change({ colours_seen })}
      />
    </div>
  {/if}
</section>
