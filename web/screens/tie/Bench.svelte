<script lang="ts">
  import WhereFrom from '../../ui/WhereFrom.svelte'
  import { loaded } from '../../data/busy'
  import { Tabs } from 'bits-ui'
  import { untrack } from 'svelte'
  import type { Composition, From, InventoryPart, Reading, SavedBuild } from '../../words/documents'
  import { lureShown } from '../../data/lureShown.svelte'
  import { adviceFor } from '../../data/advice'
  import { advisedBuildFor, askAhead, buildsQuery, verdictFor } from '../../data/builds'
  import { inventoryQuery } from '../../data/parts'
  import { isSame } from '../../data/merge'
  import { screenKeys } from '../../ui/screenKeys.svelte'
  import { address } from '../../data/address.svelte'
  import { buildFrom } from '../../data/buildAddress'
  import { inTheirColours } from '../../lure/paint'
  import { blank } from '../../words/part'
  import { KIND_OF, partsFor, SLOT_WORDS, slotsOf, step, type Slot } from '../../words/slots'
  import { atHalf } from '../../preview/gone'
  import LazyFigures from '../../preview/LazyFigures.svelte'
  import PreviewRoom from '../../preview/PreviewRoom.svelte'
  import LurePreview from '../../preview/LurePreview.svelte'
  import { bench, withPart } from '../../data/bench.svelte'
  import { notices } from '../../data/notices.svelte'
  import { settings } from '../../data/settings.svelte'
  import { startBuild } from '../../data/startBuild.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Field from '../../ui/Field.svelte'
  import Later from '../../ui/Later.svelte'
  import Panel from '../../ui/Panel.svelte'
  import InView from '../../ui/InView.svelte'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { show } from '../../words/words'
  import BestPanel from './BestPanel.svelte'
  import { commandsFor, PANELS } from './commands'
  import { press, type Command } from './shortcuts'
  import SlotCell from './SlotCell.svelte'
  import VerdictPanel from './VerdictPanel.svelte'
  import WhatIf from './WhatIf.svelte'

  /** So many slots are built with the page, the others one at a time after it. */
  const AT_ONCE = 2
  const inventory = inventoryQuery()
  const shown = lureShown()
  const lure = $derived(shown.lure)
  /** A copy of the water, for what it would do; the reading itself stays as it is. */
  let whatIf = $state.raw<Reading | null>(null)
  const reading = $derived(shown.reading && whatIf ? { ...whatIf, lure: shown.reading.lure } : shown.reading)
  const leadFree = $derived(reading?.lead_free ?? false)
  const advice = adviceFor(() => reading)
  const parts = $derived(inventory.data?.parts ?? [])
  const build = $derived(lure && bench.build(lure))
  let from = $state<From>('side')
  const verdict = verdictFor(() => (reading && build ? { reading, build, from } : null))
  /** How far away it is looked at, as a step of the scene; null where it matters most. */
  let at = $state<number | null>(null)
  const half = $derived(atHalf(verdict.shown?.value.scene))
  /** Another build in the same water, beside the one in hand. */
  let beside = $state.raw<SavedBuild | null>(null)
  function hang(name: string, build: Composition) {
    beside = { id: 'beside', name, build, note: '', photo: null }
    scrollTo(0, 0)
  }
  const saved = buildsQuery()
  const hangable = $derived((saved.data ?? []).filter((one) => one.build.lure === lure))
  let editing = $state(false)
  let findsCommand = $state(false)
  const panel = $derived(PANELS.find(({ name }) => address.panels.includes(name))?.name ?? 'best')
  const choices = $derived(lure ? partsFor(bench.slot, lure, parts, leadFree) : [])
  const edited = $derived(build?.[bench.slot] ?? null)

  let loading = $state.raw(bench.load())
  $effect(() => {
    if (lure) bench.slotOf(lure)
  })

  /** Which way was stepped last: only somebody who steps is likely to step again. */
  let stepped = $state(false)
  $effect(() => {
    if (!stepped || !verdict.isCurrent || !build || !reading) return
    const now = build
    const asked = reading
    const next = untrack(() =>
      ([1, -1] as const).map((way) => withPart(now, bench.slot, step(now, bench.slot, choices, way))),
    )
    askAhead(next.flatMap((one) => (one ? [{ reading: asked, build: one, from }] : [])))
  })

  const start = startBuild(shown, () => address.followed !== null)
  /** Asked for once the build is on screen: what each slot could hold though nobody owns it. */
  const advised = advisedBuildFor(() => (verdict.shown ? reading : null))

  // The build of a link that was followed, once it can be put together of what is owned.
  $effect(() => {
    const { followed } = address
    if (!followed || !bench.isLoaded || !inventory.data) return
    const linked = buildFrom(followed, inventory.data.parts)
    address.followed = null
    untrack(() => {
      const before = linked && bench.build(linked.lure)
      if (!linked || isSame(before, linked)) return
      bench.replace(linked)
      if (before) notices.say('Opened the build from the link.', () => bench.replace(before))
    })
  })

  function by(way: 1 | -1) {
    if (!build || !lure) return
    stepped = true
    bench.put(lure, bench.slot, step(build, bench.slot, choices, way))
  }

  function edit(change: Partial<InventoryPart>) {
    if (!lure) return
    const part = edited ?? blank(KIND_OF[bench.slot])
    // What no longer is as it was bought is a part of its own.
    bench.put(lure, bench.slot, {
      ...part,
      id: undefined,
      version: undefined,
      name: part.id ? `${part.name}, changed` : part.name || `${KIND_OF[bench.slot]} of your own`,
      cost: part.id ? null : part.cost,
      ...change,
    })
  }

  function startEditing() {
    if (!edited) edit({})
    editing = true
  }

  const commands = $derived<Command[]>(
    lure
      ? commandsFor(lure, {
          step: by,
          show: (name) => address.show([name]),
          edit: startEditing,
          turn: () => (from = from === 'side' ? 'below' : 'side'),
          move: (way) => (at = Math.max(0, (at ?? half) + way)),
          find: () => (findsCommand = true),
        })
      : [],
  )

  // The help of this screen lists its keys.
  $effect(() => {
    screenKeys.list = commands.filter((command) => command.keys)
    return () => (screenKeys.list = [])
  })
</script>

<svelte:window onkeydown={(event) => settings.value?.shortcuts !== false && press(event, commands)} />
{#if findsCommand}
  {#await loaded(import('./Commands.svelte')) then { default: Commands }}<Commands
      {commands}
      onclose={() => (findsCommand = false)}
    />{/await}
{/if}

{#snippet cell(build: Composition, slot: Slot)}
  <SlotCell
    of={slot}
    {build}
    judged={verdict.shown?.value.build.lure === build.lure ? verdict.shown.value : null}
    isKnown={inventory.data !== undefined}
    parts={partsFor(slot, build.lure, parts, leadFree)}
    advised={advised.current?.generic[slot] ?? null}
    onstep={(way) => {
      bench.slot = slot
      by(way)
    }}
    onput={(part) => bench.put(build.lure, slot, part)}
    onedit={() => {
      bench.slot = slot
      startEditing()
    }}
  />
{/snippet}

<div class="flex flex-col gap-3">
  <header class="flex flex-wrap items-end justify-between gap-2">
    <div class="min-w-0">
      <h1>Build{lure ? `: ${show(lure)}` : ''}</h1>
      {#if reading}<span class="text-faint hidden sm:block"><ReadingSummary {reading} /></span>{/if}
      <WhereFrom question={advice} />
    </div>
    <div class="flex flex-wrap gap-2">
      {#if reading}<Button
          pressed={whatIf !== null}
          onclick={() => (whatIf = whatIf ? null : ($state.snapshot(reading) as Reading))}
          >{whatIf ? 'Back to your reading' : 'What if the water…'}</Button
        >{/if}
      {#if hangable.length > 0}
        <select
          class="select w-44"
          aria-label="Beside another build"
          value={beside?.id ?? ''}
          onchange={(event) => {
            const one = hangable.find(({ id }) => id === event.currentTarget.value)
            beside = one ?? null
          }}
        >
          <option value="">Beside another…</option>
          {#if beside?.id === 'beside'}<option value="beside">{beside.name}</option>{/if}
          {#each hangable as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </select>
      {/if}
      <Button disabled={!bench.canUndo || !lure} onclick={() => lure && bench.undo(lure)}>Undo</Button>
      <Button onclick={() => (findsCommand = true)}>Commands <kbd class="text-xs">/</kbd></Button>
    </div>
  </header>
  {#if whatIf}
    <WhatIf reading={whatIf} onchange={(next) => (whatIf = next)} />
    <p class="text-now text-sm font-semibold">A copy of the water. Your reading stays as it is.</p>
  {/if}
  {#if beside && build && reading}
    {@const other = beside}
    <Panel title="Two builds in one water" gist="yours and {other.name}">
      {#snippet actions()}<Button onclick={() => (beside = null)}>Take it away</Button>{/snippet}
      {#await loaded(import('./CompareBuilds.svelte')) then { default: CompareBuilds }}<CompareBuilds
          left={{ id: 'this', name: 'Yours', build, note: '', photo: null }}
          right={other}
          {reading}
        />{/await}
    </Panel>
  {/if}
  {#await loading}
    <p role="status" class="text-sm">Loading the build…</p>
  {:catch error}
    <Trouble {error} onretry={() => (loading = bench.load())} />
  {/await}
  {#if inventory.error}<Trouble error={inventory.error} onretry={() => void inventory.refetch()} />{/if}
  {#if start.error}<Trouble error={start.error} onretry={() => start.retry()} />{/if}
  {#if bench.isLoaded && lure && reading}
    {#if !build}
      {#if !start.error}<p role="status" class="text-sm">Putting the advised build together…</p>{/if}
    {:else}
      {@const current = build}
      <!-- On a phone one column, whose window stays in view while the slots below it are stepped. -->
      <div
        class="flex flex-col gap-x-7 gap-y-3 lg:grid lg:grid-cols-[minmax(0,836fr)_minmax(0,368fr)] lg:grid-rows-[auto_1fr] lg:gap-y-2"
      >
        {#if !verdict.shown}<PreviewRoom />{/if}
        <Answer question={verdict} waiting="Scoring this build…" quiet class="contents">
          {#snippet children(data)}
            <LurePreview
              stays
              build={data.build}
              hand={inTheirColours(data.build, data.look_parts)}
              scene={data.scene}
              reading={verdict.shown?.input.reading ?? reading}
              lookParts={data.look_parts}
              pace={advice.shown?.value.retrieve.pace ?? 'medium'}
              {from}
              onfrom={(next) => (from = next)}
              {at}
              onat={(next) => (at = next)}
            />
          {/snippet}
        </Answer>
        <div class="order-5 min-w-0 lg:order-none lg:col-start-2 lg:row-span-2 lg:row-start-1">
          {#if verdict.shown}<Later
              ><VerdictPanel
                verdict={verdict.shown.value}
                {reading}
                build={current}
                isCurrent={verdict.isCurrent}
              /></Later
            >{/if}
        </div>
        <div
          class="border-base-content order-2 flex flex-col lg:order-none lg:col-span-2 lg:grid lg:auto-cols-fr lg:grid-flow-col lg:border-t"
          aria-label="Parts"
          role="group"
        >
          {#each slotsOf(current.lure) as slot, i (slot)}
            {#if i < AT_ONCE}{@render cell(current, slot)}{:else}<Later height="11rem"
                >{@render cell(current, slot)}</Later
              >{/if}
          {/each}
        </div>
        {#if editing && edited}
          <div
            class="border-base-content order-3 flex flex-wrap items-end gap-2 border-2 p-2 lg:order-none lg:col-span-2"
            role="group"
            aria-label="{SLOT_WORDS[bench.slot]}, custom part"
          >
            {#await loaded(import('../../parts/PartFields.svelte')) then { default: PartFields }}<PartFields
                part={edited}
                extra={inventory.data?.swatches ?? []}
                onset={edit}
              />{/await}
            {#if !edited.id}<Field label="Cost of one"
                >{#snippet children(tied)}<input
                    class="input w-24"
                    type="number"
                    min="0"
                    step="0.01"
                    value={edited.cost ?? ''}
                    oninput={(event) =>
                      edit({ cost: event.currentTarget.value === '' ? null : event.currentTarget.valueAsNumber })}
                    {...tied}
                  />{/snippet}</Field
              >{/if}
            <Button onclick={() => (editing = false)}>Done</Button>
          </div>
        {/if}
      </div>
      <Later>
        <Tabs.Root value={panel} onValueChange={(name) => address.show([name])}>
          <Tabs.List class="border-edge flex flex-wrap border-b" aria-label="More for this build">
            {#each PANELS as { name, words } (name)}
              <Tabs.Trigger value={name} class="place min-h-11 !px-4 text-sm font-semibold">{words}</Tabs.Trigger>
            {/each}
          </Tabs.List>
          {#each PANELS as { name } (name)}
            <Tabs.Content value={name} class="min-h-96 pt-3">
              {#if panel === name}
                {#if name === 'best'}<InView height="12rem"><BestPanel {reading} onbeside={hang} /></InView>
                {:else if verdict.shown}
                  {@const data = verdict.shown.value}
                  <LazyFigures
                    lookParts={data.look_parts}
                    scene={data.scene}
                    reading={verdict.shown.input.reading}
                    {from}
                    at={at ?? half}
                    onat={(next) => (at = next)}
                  />
                {/if}
              {/if}
            </Tabs.Content>
          {/each}
        </Tabs.Root>
      </Later>
    {/if}
  {/if}
</div>
