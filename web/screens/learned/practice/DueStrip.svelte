<script lang="ts">
  import Stick from '../../../ui/plot/Stick.svelte'
  import type { Due } from './schedule'

  /** When what was answered is asked for again: days on a stick, the near ones wide apart. */
  let { due, text }: { due: readonly Due[]; text: (card: string) => string } = $props()
  const DAY = 86_400_000
  const FARTHEST = 60
  const MARKS = [
    [0, 'now'],
    [1, '1 day'],
    [3, '3'],
    [7, 'a week'],
    [14, '2 weeks'],
    [30, '30 days'],
    [60, '60'],
  ] as const
  const place = (days: number) => (100 * Math.log1p(Math.max(0, Math.min(FARTHEST, days)))) / Math.log1p(FARTHEST)
  const now = Date.now()
  const soon = $derived(due.slice(0, 6))
  const dayOf = (when: Date) => when.toDateString()
  const words = (when: Date) =>
    when.getTime() <= now
      ? 'now'
      : dayOf(when) === dayOf(new Date(now))
        ? 'later today'
        : when.toLocaleDateString('en-US', { month: 'short', day: 'numeric' })
</script>

<Stick {place} marks={MARKS} ticks={[20, 26]} class="h-11">
  <rect class="fill-sheet stroke-edge" x="0.5" y="8" width="calc(100% - 1px)" height="12" />
  {#each due as one (one.card)}
    {@const at = `${place((one.due.getTime() - now) / DAY)}%`}
    <line class={one.missed > 0 ? 'stroke-now' : 'stroke-current'} x1={at} x2={at} y1="2" y2="20" stroke-width="2.5" />
  {/each}
</Stick>
<ul class="grid gap-x-7 text-sm sm:grid-cols-2">
  {#each soon as one (one.card)}
    <li class="border-rule flex gap-3 border-b py-1">
      <span class="text-faint w-24 shrink-0">{words(one.due)}</span>
      <span>{text(one.card)}</span>
    </li>
  {/each}
</ul>
