<script lang="ts">
  import type { OutingImport } from '../../words/documents'
  import { watersQuery } from '../../data/waters'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import { capital } from '../../words/words'
  import { count, date } from '../../words/numbers'
  import { conflictWords } from '../../words/outingConflicts'

  /** What a file of outings holds, and what taking it would change, before it is taken. */
  let { holds, ontake, oncancel }: { holds: OutingImport; ontake: () => unknown; oncancel: () => unknown } = $props()
  const waters = watersQuery()
  const added = $derived(holds.outings - holds.known)
  const does = $derived([
    ...(added > 0 ? [`add ${count(added, 'outing')}`] : []),
    ...(holds.changed > 0 ? [`update ${count(holds.changed, 'outing')}`] : []),
  ])
  const when = $derived.by(() => {
    const days = [...new Set([holds.first, holds.last].flatMap((day) => (day ? [date(day)] : [])))]
    return days.length > 1 ? `, from ${days.join(' to ')}` : days.map((day) => `, of ${day}`).join('')
  })
  const known = $derived.by(() => {
    if (holds.known === 0) return ''
    const these = holds.known === 1 ? 'it' : 'them'
    const have = holds.known === holds.outings ? these : `${holds.known} of these`
    if (holds.changed === 0) return `You have ${have} already, and the file says nothing new about ${these}.`
    return `You have ${have} already, and the file adds to ${holds.changed === holds.known ? these : holds.changed}.`
  })
  const waterName = (id: string) => waters.data?.find((one) => one.id === id)?.name ?? 'a water'
  const conflicts = $derived(
    holds.conflicts.map((conflict) => ({
      ...conflict,
      words: conflictWords([conflict], waterName, settings.metric)[0],
    })),
  )
</script>

<div class="border-base-content flex flex-col gap-3 border-2 p-3 text-sm">
  <p>
    This file holds {count(holds.outings, 'outing')} with {count(holds.stints, 'lure')} fished and
    {count(holds.events, 'event')}{when}. {known}
  </p>
  {#if conflicts.length > 0}
    <div>
      <h2 id="changed-twice">Changed here and in the file</h2>
      <p class="max-w-prose py-1">
        What you have here stays. To use what the file says, open the outing and correct it after you import.
      </p>
      <table class="w-full max-w-3xl" aria-labelledby="changed-twice">
        <thead>
          <tr class="border-base-content border-b text-left">
            <th class="py-1 pr-3">Field</th><th class="py-1 pr-3">Here, stays</th><th class="py-1">In the file</th>
          </tr>
        </thead>
        <tbody>
          {#each conflicts as { key, outing, began, words } (key)}
            <tr class="border-rule border-b align-top">
              <th class="py-1.5 pr-3 text-left font-semibold"
                >{words?.name}<a class="block font-normal underline" href="#/outing/{outing}">Outing of {date(began)}</a
                ></th
              >
              <td class="py-1.5 pr-3">{words?.stored}</td>
              <td class="py-1.5">{words?.sent}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  {/if}
  <div class="flex gap-2">
    {#if does.length > 0}
      <Button look="primary" onclick={ontake}>{capital(does.join(' and '))}</Button>
    {/if}
    <Button onclick={oncancel}>{does.length > 0 ? 'Cancel' : 'Close'}</Button>
  </div>
</div>
