<script lang="ts">
  import { round } from '../../words/round'

  /** What one lure would be worth, two, and so on: where one more stops paying. */
  let { curve, carried }: { curve: readonly number[]; carried: number } = $props()
  /** Differences below this many points want a decimal. */
  const FINE = 5
  const least = $derived(Math.min(...curve))
  const most = $derived(Math.max(...curve))
  const height = (worth: number) => (most === least ? 100 : 25 + (75 * (worth - least)) / (most - least))
  const gain = (at: number) => round((curve[at] ?? 0) - (curve[at - 1] ?? 0), 1)
  const said = $derived(
    [
      carried < curve.length ? `One more would gain ${gain(carried)}` : '',
      carried > 1 ? `one less would cost ${gain(carried - 1)}` : '',
    ]
      .filter(Boolean)
      .join('; '),
  )
</script>

<h3 class="pt-3 text-sm font-bold">How many lures pay</h3>
<ol class="flex h-24 items-end gap-1 pt-1" aria-label="Score by number of lures">
  {#each curve as worth, i (i)}
    <li class="flex h-full min-w-0 flex-1 flex-col justify-end text-center text-xs">
      <span>{worth.toFixed(most - least < FINE ? 1 : 0)}</span>
      <span
        class={['border-base-content block border', i + 1 === carried ? 'bg-base-content' : 'bg-base-200']}
        style:height="{height(worth) * 0.55}%"
      ></span>
      <span class={i + 1 === carried ? 'font-extrabold' : ''}>{i + 1}<span class="sr-only"> lures: {worth}</span></span>
    </li>
  {/each}
</ol>
<p class="text-sm">{said}.</p>
