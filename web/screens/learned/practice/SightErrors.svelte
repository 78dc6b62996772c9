<script lang="ts">
  import type { PracticeProgress } from '../../../words/documents'

  /** Guesses of a visibility over the truth, in the order they were made: above the line too far, below it too near. */
  let { guesses }: { guesses: PracticeProgress['guesses'] } = $props()
  const WIDTH = 300
  const HEIGHT = 110
  const LAST = 30
  const MOST = 2
  const shown = $derived(guesses.slice(-LAST))
  const y = (ratio: number) =>
    HEIGHT / 2 - ((HEIGHT / 2 - 10) * Math.log(Math.max(1 / MOST, Math.min(MOST, ratio)))) / Math.log(MOST)
  const x = (i: number) => 60 + ((WIDTH - 70) * (i + 0.5)) / Math.max(1, shown.length)
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="block w-full max-w-sm"
  role="img"
  aria-label="{shown.length} guesses, {shown.filter((one) => one.ratio > 1.2).length} too far, {shown.filter(
    (one) => one.ratio < 1 / 1.2,
  ).length} too near."
>
  {#each [[2, 'twice'], [1, 'the truth'], [0.5, 'half']] as const as [ratio, words] (ratio)}
    <line x1="60" x2={WIDTH - 10} y1={y(ratio)} y2={y(ratio)} stroke={ratio === 1 ? 'currentColor' : 'var(--rule)'} />
    <text x="0" y={y(ratio) + 4} font-size="12" fill="var(--faint)">{words}</text>
  {/each}
  {#each shown as guess, i (i)}
    <circle cx={x(i)} cy={y(guess.ratio)} r="3.5" fill="currentColor" />
  {/each}
</svg>
