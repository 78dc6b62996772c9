<script lang="ts">
  import { push } from 'svelte-spa-router'
  import type { Outing, SavedTrip } from '../../words/documents'
  import { buildsQuery } from '../../data/builds'
  import { inventoryQuery } from '../../data/parts'
  import { planFor, tripsQuery } from '../../data/trips'
  import { watersQuery } from '../../data/waters'
  import { outingsQuery, outings as writes } from '../../data/outings'
  import { packs } from '../../data/pack/packs.svelte'
  import { reach } from '../../data/reach.svelte'
  import { bench } from '../../data/bench.svelte'
  import { currentReading } from '../../data/currentReading.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Field from '../../ui/Field.svelte'
  import Panel from '../../ui/Panel.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { key } from '../../words/sameBuild'
  import { clock, dayOf, stamp } from '../../words/clock'
  import { newId } from '../../words/newId'
  import { LURE_KINDS } from '../../words/vocabulary'

  /** Begins an outing: from a trip, which fills everything in, or from what is owned. */
  const MOST_IN_BOX = 60
  const trips = tripsQuery()
  const waters = watersQuery()
  const builds = buildsQuery()
  const inventory = inventoryQuery()
  const outings = outingsQuery()
  let chosen = $state<string | null>(null)
  let water = $derived(currentReading.waterId ?? '')
  /** What goes into the box has been read, or cannot be: the same whatever was looked at before. */
  let isBenchRead = $state(false)
  void bench
    .load()
    .catch(() => undefined)
    .then(() => (isBenchRead = true))
  const isKnown = $derived(isBenchRead && !builds.isPending && !inventory.isPending)
  const open = $derived(outings.data?.find((outing) => outing.ended_at === null))
  const today = dayOf(new Date())
  const apart = (trip: SavedTrip) => Math.abs(Date.parse(trip.trip.date) - Date.parse(today))
  /** The nearest day first: the trip planned last night is on top. */
  const near = $derived((trips.data ?? []).toSorted((a, b) => apart(a) - apart(b)))
  const trip = $derived(trips.data?.find((one) => one.id === chosen) ?? null)
  const plan = planFor(() => trip?.trip ?? null)

  function begin(outing: Omit<Outing, 'id' | 'started_at'>) {
    const id = newId()
    return writes.add({ ...outing, id, started_at: stamp(new Date()) }, () => push(`/on-the-water/${id}`))
  }

  function fromTrip(planned: SavedTrip) {
    const carry = plan.shown?.value.carry ?? packs.of(planned.id)?.carry
    return begin({
      water_id: planned.water_id ?? null,
      trip_id: planned.id ?? null,
      box: {
        lures: carry?.lures.map((one) => one.parts) ?? [],
        trailers: carry?.trailers.map((one) => one.part) ?? [],
        blades: [],
      },
    })
  }

  /** Without a plan, everything that is built or on the bench, and the trailers and blades owned. */
  function fromParts() {
    const owned = (kind: string) =>
      (inventory.data?.parts ?? []).filter((part) => part.kind === kind && (part.count ?? 1) > 0).slice(0, MOST_IN_BOX)
    const lures = [
      ...(builds.data ?? []).map((one) => one.build),
      ...LURE_KINDS.flatMap((kind) => bench.build(kind) ?? []),
    ]
    return begin({
      water_id: water === '' ? null : water,
      box: {
        lures: lures
          .filter((one, i) => lures.findIndex((other) => key(other) === key(one)) === i)
          .slice(0, MOST_IN_BOX),
        trailers: owned('trailer'),
        blades: owned('blade'),
      },
    })
  }
</script>

<div class="flex max-w-2xl flex-col gap-5">
  <h1>On the water</h1>
  {#if open}
    <p class="border-base-content flex flex-wrap items-center justify-between gap-2 border-2 p-3 text-sm">
      <span>An outing is still open: {open.water || 'no named water'}, last note at {clock(open.last_noted_at)}.</span>
      <Button look="primary" size="large" href="#/on-the-water/{open.id}">Go on with it</Button>
    </p>
  {/if}
  <Panel title="From a planned trip" gist="its water, its plan and what you carry">
    <Stored query={trips} waiting="Loading trips…">
      {#if near.length === 0}
        <p class="text-sm">No trip is planned. <a class="underline" href="#/fish">Plan one</a>, or start without.</p>
      {/if}
      <ul>
        {#each near.slice(0, 5) as one (one.id)}
          <li class="border-rule border-t py-1">
            <Button class="w-full justify-start" pressed={chosen === one.id} onclick={() => (chosen = one.id ?? null)}
              >{one.name}</Button
            >
            {#if chosen === one.id && reach.isAway && packs.of(one.id)}
              <p class="py-1 text-sm">As packed on this device.</p>
              <Button look="primary" size="large" class="w-full" onclick={() => fromTrip(one)}>Start this trip</Button>
            {:else if chosen === one.id}
              <Answer question={plan} waiting="Choosing what you carry…">
                {#snippet children(planned)}
                  <p class="py-1 text-sm">
                    {planned.carry.lures.length} lures and {planned.carry.trailers.length} trailers to carry.
                  </p>
                  <Button look="primary" size="large" class="w-full" onclick={() => fromTrip(one)}
                    >Start this trip</Button
                  >
                {/snippet}
              </Answer>
            {/if}
          </li>
        {/each}
      </ul>
    </Stored>
  </Panel>
  <Panel title="Without a plan" gist="with your saved builds and your parts">
    <div class="flex flex-col gap-3">
      <Field label="Water" class="max-w-80">
        {#snippet children(tied)}
          <select
            class="select w-full"
            value={water}
            onchange={(event) => (water = event.currentTarget.value)}
            {...tied}
          >
            <option value="">No named water</option>
            {#each waters.data ?? [] as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
          </select>
        {/snippet}
      </Field>
      <Button size="large" class="w-full" disabled={!isKnown} onclick={fromParts}>Start an outing</Button>
    </div>
  </Panel>
  <p class="text-sm">
    Notes from a day that is over: <a class="underline" href="#/outing/new">add an outing from memory</a>.
  </p>
</div>
