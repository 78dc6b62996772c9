<script lang="ts">
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

<svg class="block h-11 w-full" aria-hidden="true">
  <rect x="0.5" y="8" width="calc(100% - 1px)" height="12" fill="var(--sheet)" stroke="var(--edge)" />
  {#each due as one (one.card)}
    <line
      x1="{place((one.due.getTime() - now) / DAY)}%"
      x2="{place((one.due.getTime() - now) / DAY)}%"
      y1="2"
      y2="20"
      stroke={one.missed > 0 ? 'var(--now)' : 'currentColor'}
      stroke-width="2.5"
    />
  {/each}
  {#each MARKS as [days, words], i (days)}
    <line x1="{place(days)}%" x2="{place(days)}%" y1="20" y2="26" stroke="var(--edge)" />
    <text
      x="{place(days)}%"
      y="40"
      font-size="12"
      fill="var(--faint)"
      text-anchor={i === 0 ? 'start' : i === MARKS.length - 1 ? 'end' : 'middle'}>{words}</text
    >
  {/each}
</svg>
<ul class="grid gap-x-7 text-sm sm:grid-cols-2">
  {#each soon as one (one.card)}
    <li class="border-rule flex gap-3 border-b py-1">
      <span class="text-faint w-24 shrink-0">{words(one.due)}</span>
      <span>{text(one.card)}</span>
    </li>
  {/each}
</ul>
