<script lang="ts">
  import { wrote } from '../data/cache'
  import { notices } from '../data/notices.svelte'
  import Button from '../ui/Button.svelte'
  import { clock, dateTime } from '../words/clock'
  import { writeWords, type Entry } from '../data/outbox/entry'
  import { rejoined } from '../data/outbox/joined'
  import { outbox } from '../data/outbox/outbox.svelte'
  import { reach } from '../data/reach.svelte'

  /** Whether Kontrast can be reached, how old what is shown is, and what waits to be sent. */
  let isOpen = $state(false)
  /** A note that is on its way says nothing: the line would come and go with every tap, and push the next button away. */
  const LATE_MS = 3000
  let isLate = $state(false)
  const waiting = $derived(outbox.waiting.length)
  const hasWaiting = $derived(waiting > 0)
  $effect(() => {
    if (!hasWaiting) {
      isLate = false
      return
    }
    // Told once, it is told until all are sent.
    if (reach.isAway || reach.isSignedOut) {
      isLate = true
      return
    }
    const timer = setTimeout(() => (isLate = true), LATE_MS)
    return () => clearTimeout(timer)
  })
  const refused = $derived(outbox.refused.length)
  const notes = (count: number) => (count === 1 ? '1 note' : `${count} notes`)
  const shownAt = $derived(reach.keptAt ?? reach.pageAt)
  const says = $derived(
    [
      reach.isSignedOut ? 'Signed out.' : reach.isAway ? 'No connection.' : reach.isSlow ? 'Slow connection.' : '',
      (reach.isAway || reach.isSlow) && shownAt ? `Data from ${day(shownAt)}.` : '',
      waiting > 0 && (isLate || refused > 0) ? `${notes(waiting)} ${waiting === 1 ? 'waits' : 'wait'} to be sent.` : '',
      refused > 0 ? `${notes(refused)} not accepted.` : '',
    ]
      .filter(Boolean)
      .join(' '),
  )

  function day(at: string): string {
    const isToday = new Date(at).toDateString() === new Date().toDateString()
    return isToday ? clock(at) : dateTime(at)
  }

  async function discard(entry: Entry) {
    await outbox.discard(entry.key)
    notices.say('Note discarded.', () => outbox.add(entry.write))
  }

  /** Another device changed the same thing first: it is asked which versions stay. */
  function choose(entry: Entry) {
    const theirs = { value: entry.theirs, version: entry.theirVersion ?? null }
    const next = rejoined(entry.write, theirs, (write) => outbox.retry(entry, write))
    if (next) void outbox.retry(entry, next)
  }
</script>

{#if says}
  <section aria-label="Connection" class="border-base-content border-b-2 px-4 print:hidden">
    <div class="mx-auto flex max-w-7xl items-center justify-between gap-2">
      <p role="status" class="min-w-0 py-1.5 text-sm font-semibold">{says}</p>
      <span class="flex gap-1">
        {#if reach.isSignedOut}<Button href="/sign-in">Sign in</Button>{/if}
        {#if reach.isSlow}<Button onclick={() => void wrote('everything')}>Read again</Button>{/if}
        {#if waiting + refused > 0}<Button pressed={isOpen} onclick={() => (isOpen = !isOpen)}>Notes</Button>{/if}
      </span>
    </div>
    {#if isOpen && waiting + refused > 0}
      <div class="mx-auto flex max-w-7xl flex-col gap-2 pb-2">
        {#if !outbox.lasts}
          <p class="text-error text-sm font-semibold">
            This browser keeps nothing when the page is closed. Leave it open until the notes are sent.
          </p>
        {/if}
        {#if waiting > 0}
          <Button class="self-start" onclick={() => outbox.send()}>Send now</Button>
        {/if}
        <ul class="text-sm">
          {#each outbox.refused as entry (entry.key)}
            <li class="border-rule border-t py-1">
              <p><span class="font-semibold">{writeWords(entry)}:</span> {entry.problem}</p>
              <span class="flex flex-wrap gap-2 py-1">
                {#if entry.theirs}<Button look="primary" onclick={() => choose(entry)}>Compare</Button>
                {:else}<Button onclick={() => outbox.retry(entry)}>Try again</Button>{/if}
                <Button onclick={() => discard(entry)}>Discard</Button>
              </span>
            </li>
          {/each}
          {#each outbox.waiting.slice(0, 20) as entry (entry.key)}
            <li class="border-rule border-t py-1">{writeWords(entry)}</li>
          {/each}
          {#if waiting > 20}<li class="border-rule border-t py-1">and {waiting - 20} more</li>{/if}
        </ul>
      </div>
    {/if}
  </section>
{/if}
