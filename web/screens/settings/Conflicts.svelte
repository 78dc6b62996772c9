<script lang="ts">
  import { count } from '../../words/numbers'
  import { capital } from '../../words/words'
  import { fullPickWords } from '../../words/adviceParts'
  import { conflictsQuery } from '../../data/rules'
  import Stored from '../../ui/Stored.svelte'

  /** The rules one rule meets in conflict, and who wins how often. */
  let { id }: { id: string } = $props()
  const SHOWN = 6
  const meetings = conflictsQuery(() => id)
  const outcome = (meeting: { met: number; won: number; lost: number }) => {
    const rest = meeting.met - meeting.won - meeting.lost
    return [
      ...(meeting.won > 0 ? [`wins ${meeting.won}`] : []),
      ...(meeting.lost > 0 ? [`loses ${meeting.lost}`] : []),
      ...(rest > 0 ? [`neither ${rest}`] : []),
    ].join(', ')
  }
</script>

<Stored query={meetings} waiting="Checking conflicts…">
  {#snippet children(data)}
    {#if data.length === 0}
      <p class="text-sm">Conflicts with no other rule.</p>
    {:else}
      <p class="text-xs font-semibold">Conflicts with, in sample readings:</p>
      <ul class="text-sm leading-snug">
        {#each data.slice(0, SHOWN) as meeting (meeting.rule + meeting.pick)}
          <li class="border-rule border-t py-1">
            <a
              class="inline-flex min-h-11 min-w-11 items-center font-semibold underline underline-offset-2"
              href="#/rules/{encodeURIComponent(meeting.rule)}">{meeting.rule}</a
            >
            on the {fullPickWords(meeting.pick)}: {count(meeting.met, 'time')}, {outcome(meeting)}.
            <span class="text-faint">{capital(meeting.because)}</span>
          </li>
        {/each}
      </ul>
      {#if data.length > SHOWN}
        <p class="text-faint text-xs">And {data.length - SHOWN} more, less often.</p>
      {/if}
    {/if}
  {/snippet}
</Stored>
