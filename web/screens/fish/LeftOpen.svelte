<script lang="ts">
  import type { Outing } from '../../words/documents'
  import Button from '../../ui/Button.svelte'
  import { eventsOf } from './noted'
  import { clock } from '../../words/clock'

  /** Asks about an outing in which nothing was noted for hours: the phone may have died. */
  interface Props {
    outing: Outing
    now: Date
    onend: (at: string) => unknown
  }
  let { outing, now, onend }: Props = $props()
  const SILENT_MS = 4 * 3_600_000
  const last = $derived(
    [
      outing.started_at,
      ...(outing.stints ?? []).map((stint) => stint.started_at),
      ...eventsOf(outing).map((one) => one.at),
    ]
      .toSorted()
      .at(-1) ?? outing.started_at,
  )
  const isSilent = $derived(now.getTime() - new Date(last).getTime() > SILENT_MS)
  let goesOn = $state(false)
</script>

{#if isSilent && !goesOn}
  <section class="border-base-content border-2 p-3" aria-label="Still fishing?">
    <p class="pb-2 text-sm">
      This outing is still open, and nothing was noted since {clock(last)} on {new Date(last).toLocaleDateString(
        'en-US',
      )}. When did you stop?
    </p>
    <div class="flex flex-wrap gap-2">
      <Button look="primary" onclick={() => onend(last)}>At the last note, {clock(last)}</Button>
      <Button href="#/outing/{outing.id}">At another time</Button>
      <Button onclick={() => (goesOn = true)}>I am still fishing</Button>
    </div>
  </section>
{/if}
