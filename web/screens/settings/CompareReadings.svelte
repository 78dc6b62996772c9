<script lang="ts">
  import type { SavedReading, Reading } from '../../words/documents'
  import SwatchRow from '../../ui/SwatchRow.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import Lure from '../../lure/Lure.svelte'
  import { inTheHand } from '../../lure/paint'
  import { settings } from '../../data/settings.svelte'
  import {
    capital,
    change,
    depth,
    list,
    partLength,
    show,
    temperature,
    tintWords,
    waterLength,
  } from '../../words/words'
  import { partsOf, type Part } from '../../words/adviceParts'
  import { adviceFor } from '../../data/advice'

  /** Two readings side by side: what differs in the water, and what differs in the lure. */
  interface Props {
    left: SavedReading
    right: SavedReading
    title: (kept: SavedReading) => string
  }
  let { left, right, title }: Props = $props()

  const one = adviceFor(() => left.reading)
  const two = adviceFor(() => right.reading)
  const metric = $derived(settings.metric)

  const FIELDS: [string, (reading: Reading) => string][] = $derived([
    ['Lure', (r) => show(r.lure)],
    ['Visibility', (r) => waterLength(r.visibility_in, metric)],
    ['Tint', (r) => tintWords(r.tint)],
    ['Sky', (r) => show(r.sky)],
    ['Wind', (r) => show(r.wind)],
    ['Surface', (r) => (r.surface_f == null ? 'not measured' : temperature(r.surface_f, metric))],
    ['Three-day change', (r) => (r.trend_f == null ? 'steady' : change(r.trend_f, metric))],
    ['Depth fished', (r) => depth(r.depth_ft, metric)],
    ['Season', (r) => show(r.season)],
    ['Cover', (r) => `${show(r.cover)}, ${show(r.cover_density)}`],
    ['Forage', (r) => `${show(r.forage)}${r.forage_in == null ? '' : `, ${partLength(r.forage_in, metric)}`}`],
    ['Colors seen', (r) => list(r.forage_colours ?? []) || 'none noted'],
    ['Bite', (r) => show(r.bite)],
  ])
  const rows = $derived(
    FIELDS.map(([name, of]) => ({ name, a: of(left.reading), b: of(right.reading) })).filter((row) => row.a !== row.b),
  )
  const parts = $derived.by(() => {
    if (!one.current || !two.current) return []
    const a = partsOf(one.current, metric)
    const b = partsOf(two.current, metric)
    const keys = [...new Set([...a, ...b].map((part) => part.key))]
    return keys.map((key) => ({ key, a: a.find((part) => part.key === key), b: b.find((part) => part.key === key) }))
  })
  const words = (part: Part | undefined) => (part ? part.headline : 'none')
</script>

{#if one.error ?? two.error}<Trouble error={one.error ?? two.error} onretry={() => (one.retry(), two.retry())} />{/if}
<section aria-labelledby="side-by-side">
  <h1 id="side-by-side" class="border-base-content border-b pb-2">Compared</h1>
  <table class="w-full table-fixed text-left text-sm">
    <thead>
      <tr class="align-bottom">
        <th class="w-1/4 py-2"><span class="sr-only">Field</span></th>
        <th class="py-2 pr-3">{title(left)}</th>
        <th class="py-2">{title(right)}</th>
      </tr>
    </thead>
    <tbody>
      {#if one.current && two.current}
        <tr>
          <th scope="row" class="text-faint py-1 align-top font-normal">Drawn at one scale</th>
          {#each [one.current, two.current] as advice, i (i)}
            <td class="py-1 pr-3"
              ><div class="bg-proof p-2 text-[#1a1a1a]">
                <Lure build={advice} paint={inTheHand(advice)} span={5.2} />
              </div></td
            >
          {/each}
        </tr>
      {/if}
      {#each rows as row (row.name)}
        <tr class="border-rule border-t"
          ><th scope="row" class="text-faint py-1 font-normal">{row.name}</th><td>{capital(row.a)}</td><td
            >{capital(row.b)}</td
          ></tr
        >
      {/each}
      {#if rows.length === 0}<tr class="border-rule border-t"
          ><td colspan="3" class="py-1">The two readings are the same.</td></tr
        >{/if}
      {#each parts as part (part.key)}
        {@const same = words(part.a) === words(part.b)}
        <tr class="border-rule border-t align-top {same ? 'text-faint' : 'font-bold'}">
          <th scope="row" class="py-1 font-normal">{(part.a ?? part.b)?.title}{same ? '' : ' ≠'}</th>
          <td class="py-1 pr-3">{words(part.a)} <SwatchRow colours={part.a?.swatches ?? []} size="h-4" /></td>
          <td class="py-1">{words(part.b)} <SwatchRow colours={part.b?.swatches ?? []} size="h-4" /></td>
        </tr>
      {/each}
    </tbody>
  </table>
</section>
