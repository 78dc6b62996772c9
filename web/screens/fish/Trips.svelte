<script lang="ts" module>
  import type { SavedTrip } from '../../words/documents'
  import { Form } from '../../data/draft.svelte'

  /** The trip being written: it is still there after looking at another screen. */
  const inHand = new Form<SavedTrip>('trip')
</script>

<script lang="ts">
  import { push } from 'svelte-spa-router'
  import { byField } from '../../data/write.svelte'
  import { planFor, tripsQuery, trips as writes } from '../../data/trips'
  import { watersQuery } from '../../data/waters'
  import { currentReading } from '../../data/currentReading.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import { download } from '../../ui/download'
  import Empty from '../../ui/Empty.svelte'
  import Menu from '../../ui/Menu.svelte'
  import Panel from '../../ui/Panel.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { dayOf, timeWords } from '../../words/clock'
  import { dayWords } from '../../words/numbers'
  import { newTrip } from './newTrip'
  import PackPanel from './PackPanel.svelte'
  import TripEditor from './TripEditor.svelte'
  import TripPlan from './TripPlan.svelte'

  const NO_TRIPS =
    'No trips yet. Say where and when you will fish and what the sky may do. You get when to change lures and which few to carry.'
  let { params }: { params?: { id?: string } | undefined } = $props()
  const trips = tripsQuery()
  const waters = watersQuery()
  /** “all” is the list of them; without an id it is the next one, or else the last. */
  const ALL = 'all'
  const today = dayOf(new Date())
  const byDay = $derived((trips.data ?? []).toSorted((a, b) => a.trip.date.localeCompare(b.trip.date)))
  const next = $derived(byDay.find((trip) => trip.trip.date >= today) ?? byDay.at(-1))
  const open = $derived(
    params?.id === ALL ? undefined : params?.id ? trips.data?.find((trip) => trip.id === params?.id) : next,
  )
  const others = $derived(byDay.filter((trip) => trip.id !== open?.id && trip.trip.date >= today))
  const plan = planFor(() => (inHand.value ? null : (open?.trip ?? null)))
  let faults = $state.raw<Record<string, string>>({})
  const places = $derived(waters.data ?? [])
  const whereAndWhen = (trip: SavedTrip) =>
    [
      dayWords(trip.trip.date),
      `${timeWords(trip.trip.from)} to ${timeWords(trip.trip.to)}`,
      places.find((water) => water.id === trip.water_id)?.name ?? '',
    ]
      .filter(Boolean)
      .join(', ')

  function begin() {
    const water = places.find((one) => one.id === currentReading.waterId) ?? null
    inHand.open(newTrip($state.snapshot(currentReading.asked), water))
    faults = {}
  }

  function change(trip: SavedTrip) {
    inHand.open(trip, { value: trip, version: trip.version ?? null })
    faults = {}
  }

  const save = () =>
    inHand.edit &&
    writes.save(inHand.edit, {
      then: async ({ id }) => {
        inHand.close()
        await push(`/fish/${id ?? ''}`)
      },
      faults: (all) => (faults = byField(all)),
    })

  function copy({ id, version, ...rest }: SavedTrip) {
    void [id, version]
    inHand.open({ ...rest, name: `${rest.name} (copy)` })
    faults = {}
  }

  const remove = (trip: SavedTrip) => writes.remove(trip.id ?? '', trip.name, () => push('/fish/all'))
</script>

<div class="flex flex-col gap-4">
  <header class="border-base-content flex flex-wrap items-end justify-between gap-2 border-b pb-2">
    <h1>{inHand.value ? (inHand.value.id ? 'Change the trip' : 'New trip') : (open?.name ?? 'Trips')}</h1>
    {#if !inHand.value}
      <div class="flex flex-wrap gap-2">
        {#if open}
          <Button onclick={() => change(open)}>Change</Button>
          <Button href="#/trip-card/{open.id}">Trip card</Button>
          <Button look="primary" href="#/on-the-water">Start the outing</Button>
          <Menu
            label="More for {open.name}"
            items={[
              { words: 'Copy', onpick: () => copy(open) },
              { words: 'Delete', onpick: () => void remove(open) },
              { words: 'All trips', onpick: () => void push('/fish/all') },
            ]}
          />
        {:else}
          <Button href="#/on-the-water">On the water</Button>
          <Button look="primary" onclick={begin}>Plan a trip</Button>
        {/if}
      </div>
    {/if}
  </header>
  {#if inHand.value}
    <TripEditor
      trip={inHand.value}
      waters={places}
      {faults}
      onchange={(trip) => inHand.set(trip)}
      onsave={save}
      oncancel={() => (inHand.close(), (faults = {}))}
    />
  {:else if open}
    <p class="text-faint -mt-2 text-sm">{whereAndWhen(open)}</p>
    <!-- The room that the section through the day will take. -->
    {#if !plan.shown && !plan.error}<div class="bg-proof h-[34rem] sm:h-80" aria-hidden="true"></div>{/if}
    <Answer question={plan} waiting="Planning the day…">
      {#snippet children(planned, trip)}
        <TripPlan {trip} plan={planned}>
          {#snippet below()}
            <div class="grid gap-x-8 gap-y-5 lg:grid-cols-2">
              <PackPanel trip={open} />
              <Panel title="Trips planned" gist={others.length === 0 ? 'no other' : ''}>
                <ul>
                  {#each others as trip (trip.id)}
                    <li class="border-rule border-b">
                      <a class="flex min-h-11 items-center justify-between gap-3 text-sm" href="#/fish/{trip.id}"
                        ><span class="font-bold">{trip.name}</span><span class="text-faint"
                          >{dayWords(trip.trip.date)}</span
                        ></a
                      >
                    </li>
                  {/each}
                </ul>
                <p class="flex flex-wrap gap-2 pt-2">
                  <Button onclick={begin}>Plan another trip</Button>
                  <Button href="#/fish/all">All trips</Button>
                </p>
              </Panel>
            </div>
            <p class="flex flex-wrap gap-2 pt-4">
              <Button href="/api/trips/{open.id}/calendar" download="">Calendar file (iCalendar)</Button>
              <Button
                onclick={() =>
                  download('kontrast-trip.json', 'application/json', JSON.stringify({ trip, plan: planned }, null, 2))}
                >Plan as JSON</Button
              >
            </p>
          {/snippet}
        </TripPlan>
      {/snippet}
    </Answer>
  {:else}
    <Stored query={trips} waiting="Loading trips…">
      {#snippet children(all)}
        {#if all.length === 0}
          <Empty text={NO_TRIPS}>
            {#snippet action()}<Button look="primary" onclick={begin}>Plan your first trip</Button>{/snippet}
            {#snippet sample()}
              <p class="font-bold">7:52 AM, the sun climbs above 12°</p>
              <p class="text-sm">Rear blade: painted white → gold</p>
            {/snippet}
          </Empty>
        {/if}
        <ul>
          {#each all as trip (trip.id)}
            <li class="border-rule flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t py-2">
              <span class="min-w-0">
                <a class="flex min-h-11 items-center font-bold underline" href="#/fish/{trip.id}">{trip.name}</a>
                <span class="block text-sm">{whereAndWhen(trip)}</span>
                {#if trip.note}<span class="text-faint block text-sm">{trip.note}</span>{/if}
              </span>
              <span class="flex gap-2">
                <Button onclick={() => copy(trip)}>Copy<span class="sr-only"> {trip.name}</span></Button>
                <Button onclick={() => remove(trip)}>Delete<span class="sr-only"> {trip.name}</span></Button>
              </span>
            </li>
          {/each}
        </ul>
      {/snippet}
    </Stored>
  {/if}
</div>
