<script lang="ts">
  import { capital } from '../../words/words'
  import { fullPickWords } from '../../words/adviceParts'
  import { meetingsQuery } from '../../api/ruleQueries.svelte'

  /** The rules one rule meets in conflict, and who wins how often. */
  let { id }: { id: string } = $props()
  const SHOWN = 6
  const meetings = meetingsQuery(() => id)
  const outcome = (meeting: { met: number; won: number; lost: number }) => {
    const rest = meeting.met - meeting.won - meeting.lost
    return [
      ...(meeting.won > 0 ? [`wins ${meeting.won}`] : []),
      ...(meeting.lost > 0 ? [`loses ${meeting.lost}`] : []),
      ...(rest > 0 ? [`neither ${rest}`] : []),
    ].join(', ')
  }
</script>

{#if meetings.isPending}
  <p role="status" class="text-sm">Putting cases to the book…</p>
{:else if meetings.isError}
  <p class="text-error text-sm">{meetings.error.message}</p>
{:else if meetings.data.length === 0}
  <p class="text-sm">Meets no other rule that wants something else.</p>
{:else}
  <p class="text-xs font-semibold">Meets in conflict, in cases made up for it:</p>
  <ul class="text-sm leading-snug">
    {#each meetings.data.slice(0, SHOWN) as meeting (meeting.rule + meeting.pick)}
      <li class="border-rule border-t py-1">
        <a class="font-semibold underline underline-offset-2" href="#/rules/{encodeURIComponent(meeting.rule)}"
          >{meeting.rule}</a
        >
        over the {fullPickWords(meeting.pick)}: met {meeting.met === 1 ? 'once' : `${meeting.met} times`}, {outcome(
          meeting,
        )}.
        <span class="text-faint">{capital(meeting.because)}</span>
      </li>
    {/each}
  </ul>
  {#if meetings.data.length > SHOWN}
    <p class="text-faint text-xs">And {meetings.data.length - SHOWN} more, met less often.</p>
  {/if}
{/if}
