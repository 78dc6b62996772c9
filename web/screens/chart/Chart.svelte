<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity'
  import { sightsQuery } from '../../data/logbook'
  import { chartFor, chartTable } from '../../data/chart'
  import { asPng } from '../../lure/asPng'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { inTheHand } from '../../lure/paint'
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import { download } from '../../ui/download'
  import { FORAGES, LURE_KINDS, type Forage, type LureKind } from '../../words/vocabulary'
  import { capital, show, waterLength } from '../../words/words'
  import {
    bandColumns,
    chartSvg,
    grid,
    lines,
    ownColumns,
    request,
    sideWords,
    stays,
    type Cell,
    type Rows,
  } from '../../lure/chart'

  /** What to tie in this water as it clears, under each sky or for each forage: one page to keep in the box. */
  const reading = $derived(currentReading.asked)
  let lure = $state<LureKind>(currentReading.asked.lure === 'any' ? 'bladed_jig' : currentReading.asked.lure)
  let forage = $state<Forage>(currentReading.asked.forage)
  let rows = $state<Rows>('sky')
  let trouble = $state('')
  let table = $state<HTMLTableElement>()
  let across = $state<'bands' | 'own'>('bands')
  /** Of the picture, pixels. */
  const PICTURE_ACROSS = 2400
  const sights = sightsQuery()
  const own = $derived(
    currentReading.waterId === null
      ? null
      : (sights.data?.find((one) => one.water_id === currentReading.waterId)?.sight_in ?? null),
  )
  const tops = $derived(across === 'own' && own ? ownColumns(own) : bandColumns(reading))
  const asked = $derived(request(reading, tops, lure, forage, rows))
  const chart = chartFor(() => asked)
  /** The column to look at first: the reading's own, or the middle one. */
  const here = $derived(
    tops.some((top) => top.isHere) ? tops.findIndex((top) => top.isHere) : Math.floor(tops.length / 2),
  )
  /** On a phone one clarity at a time. */
  let shown = $state<number | null>(null)
  const at = $derived(shown ?? here)
  const isWide = new MediaQuery('(min-width: 64rem)')
  const title = $derived(
    rows === 'sky' ? `${capital(show(lure))}, ${show(forage)}` : `${capital(show(lure))} under ${show(reading.sky)}`,
  )
  const sight = (inches: number) => waterLength(inches, settings.metric)

  /** Bold where it differs from the cell on the left. */
  const isNew = (cells: readonly Cell[], i: number, line: number) => {
    const [left, own] = [cells[i - 1], cells[i]]
    return !left || !own || lines(left.advice)[line] !== lines(own.advice)[line]
  }

  function giveTable() {
    trouble = ''
    void chartTable(asked, {
      then: (text) => download('kontrast-chart.csv', 'text/csv', text),
      failed: (sentence) => (trouble = sentence),
    })
  }

  function drawn(cells: Cell[][]): string {
    const drawings = [...(table?.querySelectorAll<SVGSVGElement>('td svg') ?? [])]
    const heads = tops.map((top) => `${top.name}, ${sight(top.visibility_in)}`)
    const sides = cells.map((row) => sideWords(rows, row))
    return chartSvg(title, heads, sides, cells, drawings)
  }

  async function givePicture(cells: Cell[][]) {
    trouble = ''
    try {
      download('kontrast-chart.png', 'image/png', await asPng(drawn(cells), PICTURE_ACROSS))
    } catch (error) {
      trouble = error instanceof Error ? error.message : String(error)
    }
  }
</script>

{#snippet picks(cells: readonly Cell[], i: number)}
  {@const cell = cells[i]}
  {#if cell}
    <div class="bg-proof h-24 p-1 text-[#1a1a1a] print:h-20">
      <Thumbnail build={cell.advice} paint={inTheHand(cell.advice)} />
    </div>
    <ul class="py-1 text-xs leading-snug">
      {#each lines(cell.advice) as line, n (n)}<li class={isNew(cells, i, n) ? 'font-bold' : ''}>{line}</li>{/each}
    </ul>
  {/if}
{/snippet}

<div class="flex flex-col gap-4">
  <header>
    <h1>{title}</h1>
    <ReadingSummary {reading} />
  </header>
  <div class="grid gap-3 md:grid-cols-4 print:hidden">
    <Choice
      label="Lure"
      options={LURE_KINDS}
      value={lure}
      onpick={(next) => (lure = next)}
      columns="grid-cols-4 md:grid-cols-2"
    />
    <Choice
      label="Down the side"
      options={['sky', 'forage']}
      value={rows}
      onpick={(next) => (rows = next)}
      shown={{ sky: 'Sun, cloud, low light', forage: 'Shad, sunfish, crawfish' }}
      columns="grid-cols-2 md:grid-cols-1"
    />
    {#if own}
      <Choice
        label="Across"
        options={['bands', 'own']}
        value={across}
        onpick={(next) => (across = next)}
        shown={{ bands: 'Muddy to very clear', own: 'This water’s own' }}
        columns="grid-cols-2 md:grid-cols-1"
      />
    {:else if currentReading.waterId !== null && sights.data}
      <p class="text-faint self-end text-xs">
        This water’s own low, usual and high: after five days with a visibility noted here.
      </p>
    {/if}
    {#if rows === 'sky'}
      <label class="flex flex-col gap-1 text-sm font-semibold"
        >Forage
        <select class="select w-full font-normal" bind:value={forage}>
          {#each FORAGES as one (one)}<option value={one}>{capital(show(one))}</option>{/each}
        </select>
      </label>
    {/if}
  </div>
  <Answer question={chart} waiting="Asking the rules…">
    {#snippet children(data)}
      {@const cells = grid(data, tops.length, rows)}
      {#if isWide.current}
        <table class="w-full table-fixed text-left" bind:this={table}>
          <caption class="sr-only">What to tie, by visibility and {rows === 'sky' ? 'by sky' : 'by forage'}</caption>
          <thead>
            <tr class="border-base-content border-b">
              <td class="w-24"></td>
              {#each tops as top (top.name)}
                <th class="px-2 py-1 align-bottom" scope="col">
                  <span class="font-bold">{capital(top.name)}</span>
                  <span class="block text-xs font-normal">{top.isHere ? 'now, ' : ''}{sight(top.visibility_in)}</span>
                </th>
              {/each}
            </tr>
          </thead>
          <tbody>
            {#each cells as row, r (r)}
              <tr class="border-base-content border-b align-top">
                <th class="py-2 pr-2 font-bold" scope="row">{sideWords(rows, row)}</th>
                {#each row.keys() as i (i)}
                  <td class="border-rule border-l px-1 py-1">{@render picks(row, i)}</td>
                {/each}
              </tr>
            {/each}
          </tbody>
        </table>
        <p class="text-faint text-xs">Lines: blade, skirt, trailer. Bold: it differs from the cell on its left.</p>
      {:else}
        <Choice
          label="Visibility"
          options={tops.map((top) => top.name)}
          value={tops[at]?.name}
          onpick={(name) => (shown = tops.findIndex((top) => top.name === name))}
          columns={tops.length > 3 ? 'grid-cols-5' : 'grid-cols-3'}
        />
        {#each cells as row, r (r)}
          <section class="border-base-content border-t pt-1" aria-label={sideWords(rows, row)}>
            <h2 class="text-base font-bold">{sideWords(rows, row)}</h2>
            {@render picks(row, at)}
          </section>
        {/each}
      {/if}
      {#if rows === 'forage'}
        {@const found = stays(cells.flatMap((row) => row[here] ?? []))}
        <p class="max-w-prose text-sm">
          In this water, {sight(reading.visibility_in)}:
          {found.same.length > 0
            ? `the ${found.same.join(' and the ')} stays the same whatever they eat`
            : 'nothing stays the same'}{found.changes.length > 0
            ? `, the ${found.changes.join(' and the ')} changes with it`
            : ''}.
        </p>
      {/if}
      <div class="flex flex-wrap gap-2 print:hidden">
        <Button onclick={() => print()}>Print</Button>
        {#if isWide.current}
          <Button onclick={() => void givePicture(cells)}>Download the picture (PNG)</Button>
          <Button onclick={() => download('kontrast-chart.svg', 'image/svg+xml', drawn(cells))}
            >Download the drawing (SVG)</Button
          >
        {/if}
        <Button onclick={() => void giveTable()}>Download the table (CSV)</Button>
      </div>
      {#if trouble}<p role="alert" class="text-error text-sm">{trouble}</p>{/if}
    {/snippet}
  </Answer>
</div>
