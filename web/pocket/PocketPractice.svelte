<script lang="ts">
  import { untrack } from 'svelte'
  import type { PracticeFile } from '../offline/pocketFile'
  import { reach } from '../data/reach.svelte'
  import { grid, lines, sideWords } from '../lure/chart'
  import { answerOf, partsOf, STEPS, STEP_WORDS } from '../screens/learned/practice/choosing'
  import DrawnWater from '../screens/learned/practice/DrawnWater.svelte'
  import { partsWords } from '../screens/learned/practice/partWords'
  import { Session } from '../screens/learned/practice/session.svelte'
  import TieLesson from '../screens/learned/practice/TieLesson.svelte'
  import { settings } from '../data/settings.svelte'
  import Button from '../ui/Button.svelte'
  import { showTheme } from '../ui/theme'
  import { capital, show } from '../words/words'

  /** Waters to practice on in one file: answered on a phone, or printed for a class with the answers on the pages behind. */
  let { file }: { file: PracticeFile } = $props()
  reach.away()
  untrack(() => settings.start({ units: file.units, theme: 'paper', schools: {} }, 0))
  showTheme('paper')
  const begin = () => untrack(() => Session.of('tie', file.waters))
  let session = $state.raw(begin())
  const waters = $derived(file.waters.flatMap((one) => one.waters ?? []))
  const rows = $derived(grid(file.chart.value, file.chart.columns.length, 'sky'))
  /** What the program ties, a line each. */
  const tied = (water: (typeof waters)[number]) => {
    const choices = water.choices.find((one) => one.right !== '') ?? water.choices[0]
    if (!choices) return []
    const best = answerOf(choices)
    return [
      `Lure: ${show(choices.lure)}`,
      ...STEPS.map(
        (step) => `${STEP_WORDS[step]}: ${partsWords(partsOf(choices, step)[best[step] ?? 0] ?? [], settings.metric)}`,
      ),
    ]
  }
</script>

<header class="border-base-content flex items-center justify-between gap-3 border-b-2 px-4 py-2 print:hidden">
  <p class="font-extrabold">Which would you tie?</p>
  <Button onclick={() => print()}>Print</Button>
</header>
<main class="mx-auto max-w-5xl px-4 pt-3 pb-10 print:hidden">
  {#if session.isOver}
    <h1>{session.right} of {session.count} right</h1>
    <p class="pt-3"><Button look="primary" onclick={() => (session = begin())}>Once more</Button></p>
  {:else if session.now?.waters?.[0]}
    <p class="pb-2 text-sm font-bold">Water {session.at + 1} of {session.count}</p>
    {#key session.now}<TieLesson water={session.now.waters[0]} {session} />{/key}
  {/if}
  <div class="pt-8">{@render chart()}</div>
</main>
<div class="hidden p-4 print:block">
  <h1>Which would you tie?</h1>
  {#each waters as water, i (water.id)}
    <section class="break-inside-avoid pt-4">
      <h2>Water {i + 1}: {water.choices.length > 1 ? 'any lure' : capital(show(water.choices[0]?.lure ?? ''))}</h2>
      <DrawnWater shown={water.shown} column={water.column} class="aspect-[2/1]" />
      <p class="pt-2">Lure ________ Blade ________ Skirt ________ Trailer ________ Weight ________</p>
    </section>
  {/each}
  <h1 class="break-before-page">Answers</h1>
  <ol class="list-decimal pl-6">
    {#each waters as water (water.id)}
      <li class="break-inside-avoid pt-2">{tied(water).join('. ')}. <b>{water.because}</b></li>
    {/each}
  </ol>
  <div class="break-before-page">{@render chart()}</div>
</div>

{#snippet chart()}
  <h2>{file.chart.title}</h2>
  <div class="overflow-x-auto">
    <table class="w-full border-collapse text-xs">
      <thead>
        <tr>
          <td></td>
          {#each file.chart.columns as column (column)}<th class="border-rule border-b p-1 text-left" scope="col"
              >{column}</th
            >{/each}
        </tr>
      </thead>
      <tbody>
        {#each rows as row, i (i)}
          <tr>
            <th class="border-rule border-b p-1 text-left align-top" scope="row">{sideWords('sky', row)}</th>
            {#each row as cell, j (j)}<td class="border-rule border-b p-1 align-top">{lines(cell.advice).join('; ')}</td
              >{/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
{/snippet}
