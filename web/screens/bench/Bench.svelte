<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query'
  import type { OwnedPart } from '../../api/client'
  import Trouble from '../../ui/Trouble.svelte'
  import { inTheirColours } from '../../lure/paint'
  import { blank } from '../../parts/part'
  import PartFields from '../../parts/PartFields.svelte'
  import { binQuery } from '../../api/inventoryQueries.svelte'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { show } from '../../words/words'
  import ReadingAdjuster from '../../ui/ReadingAdjuster.svelte'
  import Figures from '../../preview/Figures.svelte'
  import LurePreview from '../../preview/LurePreview.svelte'
  import { adviceFor, paletteQuery } from '../../api/adviceQueries.svelte'
  import type { From } from '../../api/sceneQueries.svelte'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import { bench, withPart } from '../../stores/bench.svelte'
  import BestPanel from './BestPanel.svelte'
  import { press, type Doing } from './shortcuts'
  import Commands from './Commands.svelte'
  import MissingPanel from './MissingPanel.svelte'
  import { askAhead, bestFor, verdictFor } from '../../api/benchQueries.svelte'
  import SavedPanel from './SavedPanel.svelte'
  import SlotRow from './SlotRow.svelte'
  import { KIND_OF, partsFor, SLOT_WORDS, slotsOf, step } from '../../parts/slots'
  import SwapPanel from './SwapPanel.svelte'
  import VerdictPanel from './VerdictPanel.svelte'

  type Panel = 'best' | 'swap' | 'missing' | 'saved'
  const PANELS: [Panel, string][] = [
    ['best', 'Best of my bin'],
    ['swap', 'One swap'],
    ['missing', 'What is missing'],
    ['saved', 'Put away'],
  ]
  const PLOTS_AFTER_MS = 150
  const client = useQueryClient()
  const bin = binQuery()
  const palette = paletteQuery()
  /** A reading that takes any lure is judged for the kind that suits it best. */
  const advised = adviceFor(() => currentReading.asked)
  const lure = $derived(
    currentReading.asked.lure === 'any'
      ? (advised.data?.lure ?? bench.build?.lure ?? 'jig')
      : currentReading.asked.lure,
  )
  const reading = $derived({ ...currentReading.asked, lure })
  const leadFree = $derived(reading.lead_free ?? false)
  const advice = adviceFor(() => reading)
  const parts = $derived(bin.data?.parts ?? [])
  const build = $derived(bench.build?.lure === lure ? bench.build : null)
  let from = $state<From>('side')
  const verdict = verdictFor(
    () => reading,
    () => build,
    () => from,
  )
  let at = $state(4)
  let panel = $state<Panel>('best')
  let editing = $state(false)
  let open = $state<'palette' | 'keys' | null>(null)
  const scene = $derived(verdict.data?.scene)
  /** The plots follow a moment later, so that stepping through parts never waits for them. */
  let plotted = $state.raw(verdict.data)
  $effect(() => {
    const next = verdict.data
    const timer = setTimeout(() => (plotted = next), PLOTS_AFTER_MS)
    return () => clearTimeout(timer)
  })
  $effect(() => {
    const laid = build
    if (!laid || verdict.isFetching) return
    const ways = ([1, -1] as const).map((way) => withPart(laid, bench.slot, step(laid, bench.slot, choices, way)))
    askAhead(
      client,
      reading,
      ways.filter((one) => one !== null),
      from,
    )
  })
  const choices = $derived(partsFor(bench.slot, lure, parts, leadFree))
  const edited = $derived(build?.[bench.slot] ?? null)

  /** Where nothing for this lure lies there yet, the best of the bin is laid out to start from. */
  const start = bestFor(
    () => reading,
    () => build === null && bin.data !== undefined,
  )
  $effect(() => {
    if (build || !bin.data || start.isFetching || !start.data) return
    const best = start.data.ranked[0]
    if (best && best.parts.lure === lure) bench.replace(best.parts)
    else bench.ready(lure, parts, leadFree)
  })

  function by(way: 1 | -1) {
    if (build) bench.put(bench.slot, step(build, bench.slot, choices, way))
  }

  function edit(change: Partial<OwnedPart>) {
    const part = edited ?? blank(KIND_OF[bench.slot])
    // What is no longer as it lies in the bin is a part of its own.
    bench.put(bench.slot, {
      ...part,
      id: undefined,
      version: undefined,
      name: part.name || 'of your own colours',
      ...change,
    })
  }

  function startEditing() {
    if (!edited) edit({})
    editing = true
  }

  const doings = $derived<Doing[]>([
    { name: 'Next part of this slot', keys: '→', key: 'ArrowRight', run: () => by(1) },
    { name: 'Part before, of this slot', keys: '←', key: 'ArrowLeft', run: () => by(-1) },
    { name: 'Next slot', keys: '↓', key: 'ArrowDown', run: () => bench.moveSlot(1) },
    { name: 'Slot before', keys: '↑', key: 'ArrowUp', run: () => bench.moveSlot(-1) },
    { name: 'Take the part of this slot off', keys: 'X', key: 'x', run: () => bench.put(bench.slot, null) },
    { name: 'Take back the last change', keys: 'Z', key: 'z', run: () => bench.back() },
    { name: 'Best of my bin', keys: 'B', key: 'b', run: () => (panel = 'best') },
    { name: 'One swap', keys: 'S', key: 's', run: () => (panel = 'swap') },
    { name: 'What is missing', keys: 'M', key: 'm', run: () => (panel = 'missing') },
    { name: 'Builds put away', keys: 'P', key: 'p', run: () => (panel = 'saved') },
    { name: 'Change this slot freely', keys: 'E', key: 'e', run: startEditing },
    {
      name: 'Look from the side or from below',
      keys: 'F',
      key: 'f',
      run: () => (from = from === 'side' ? 'below' : 'side'),
    },
    { name: 'Nearer', keys: ',', key: ',', run: () => (at = Math.max(0, at - 1)) },
    {
      name: 'Farther',
      keys: '.',
      key: '.',
      run: () => (at = Math.min((scene?.distances_in.length ?? 1) - 1, at + 1)),
    },
    ...slotsOf(lure).map((slot) => ({
      name: `To the ${SLOT_WORDS[slot].toLowerCase()}`,
      keys: '',
      run: () => (bench.slot = slot),
    })),
    { name: 'All that the bench can do', keys: '/', key: '/', run: () => (open = 'palette') },
    { name: 'These keys', keys: '?', key: '?', run: () => (open = 'keys') },
  ])
</script>

<svelte:window onkeydown={(event) => press(event, doings)} />
<Commands {open} {doings} onclose={() => (open = null)} />

<div class="flex flex-col gap-4">
  <header class="flex flex-wrap items-end justify-between gap-2">
    <div>
      <h1>The bench: a {show(reading.lure)}</h1>
      <ReadingSummary {reading} />
      {#if advice.data}<p class="text-sm">Wanted. {advice.data.wanted.line}</p>{/if}
    </div>
    <div class="flex gap-2">
      <button class="btn btn-outline border-rule h-11" disabled={!bench.canGoBack} onclick={() => bench.back()}
        >Undo</button
      >
      <button class="btn btn-outline border-rule h-11" onclick={() => (open = 'palette')}
        >Do… <kbd class="text-xs">/</kbd></button
      >
      <button class="btn btn-outline border-rule h-11" aria-label="Keys" onclick={() => (open = 'keys')}>?</button>
    </div>
  </header>
  {#if bin.isError}<Trouble error={bin.error} />{/if}
  {#if verdict.isError}<Trouble error={verdict.error} />{/if}
  {#if bin.data && !build && start.data && !start.isFetching}
    <p class="max-w-prose py-2">
      The bin has no head for a {show(reading.lure)}. <a class="underline" href="#/parts">Put one in</a>, or choose
      another lure in the <a class="underline" href="#/">reading</a>.
    </p>
  {/if}
  {#if build && palette.data}
    {@const colours = palette.data}
    <div class="grid gap-x-6 gap-y-4 lg:grid-cols-[21rem_minmax(0,1fr)]">
      <div class="flex flex-col" aria-label="Parts" role="group">
        {#each slotsOf(build.lure) as slot (slot)}
          <SlotRow
            {slot}
            parts={partsFor(slot, build.lure, parts, leadFree)}
            onedit={() => {
              bench.slot = slot
              startEditing()
            }}
          />
        {/each}
        {#if editing && edited}
          <div
            class="border-base-content mt-2 flex flex-wrap items-end gap-2 border-2 p-2"
            role="group"
            aria-label="{SLOT_WORDS[bench.slot]}, changed freely"
          >
            <PartFields part={edited} palette={colours} extra={bin.data?.swatches ?? []} onset={edit} />
            <button class="btn btn-outline border-rule h-11" onclick={() => (editing = false)}>Done</button>
          </div>
        {/if}
      </div>
      <div class="flex min-w-0 flex-col gap-3">
        {#if verdict.data}
          <LurePreview
            build={verdict.data.build}
            hand={inTheirColours(verdict.data.build, verdict.data.look_parts)}
            {scene}
            {from}
            onfrom={(next) => (from = next)}
            {at}
            onat={(next) => (at = next)}
          />
        {/if}
        <ReadingAdjuster />
        {#if verdict.data}<VerdictPanel verdict={verdict.data} />{/if}
      </div>
    </div>
    <section aria-label="What else the bin can do">
      <div class="border-base-content flex flex-wrap border-b" role="group" aria-label="Show">
        {#each PANELS as [key, words] (key)}
          <button
            class="aria-pressed:bg-primary aria-pressed:text-primary-content flex h-11 items-center px-4 text-sm font-semibold"
            aria-pressed={panel === key}
            onclick={() => (panel = key)}>{words}</button
          >
        {/each}
      </div>
      <div class="pt-3">
        {#if panel === 'best'}<BestPanel {reading} />
        {:else if panel === 'swap'}<SwapPanel {reading} />
        {:else if panel === 'missing'}<MissingPanel />
        {:else}<SavedPanel {reading} />{/if}
      </div>
    </section>
    {#if plotted}<Figures lookParts={plotted.look_parts} scene={plotted.scene} {reading} {from} {at} />{/if}
    <p class="text-faint text-xs">
      A score tells how near a build comes to what the rules and the model ask for in this reading. A place to start
      from; the fish decide.
    </p>
  {/if}
</div>
