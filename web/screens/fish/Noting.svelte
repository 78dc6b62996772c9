<script lang="ts">
  import type {
    Composition,
    MadeChange,
    ObservedReading,
    Outing,
    OutingEvent,
    Stint,
    UsualWater,
  } from '../../words/documents'
  import { tripsQuery } from '../../data/trips'
  import { watersQuery } from '../../data/waters'
  import { drawnFor, outings as writes } from '../../data/outings'
  import { currentReading } from '../../data/currentReading.svelte'
  import { Draft } from '../../data/draft.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import { ANGLERS, type Angler, type EventKind } from '../../words/logbook'
  import type { Change } from './box'
  import BoxPanel from './BoxPanel.svelte'
  import ChangePanel from './ChangePanel.svelte'
  import FollowsPanel from './FollowsPanel.svelte'
  import LastNote from './LastNote.svelte'
  import LeftOpen from './LeftOpen.svelte'
  import { eventsOf, kindWords, lasted, tiedOn, tiedWords, untold } from './noted'
  import { clock, stamp } from '../../words/clock'
  import { newId } from '../../words/newId'
  import { byEye, dirtier, filled, granted, isOtherThan, seenIn, seenSoFar } from './seen'
  import TiedOn from './TiedOn.svelte'
  import TrialPanel from './TrialPanel.svelte'
  import WaterPanel from './WaterPanel.svelte'
  import WaterQuestion from './WaterQuestion.svelte'
  import { waterWords } from './waterWords'
  import WrongPanel from './WrongPanel.svelte'

  /** An outing that goes on: what is on, the clock, four buttons, and what can be changed in two taps. */
  interface Props {
    outing: Outing
    /** What is usual at its water, where that is known. */
    usual?: UsualWater | undefined
    isAlone?: boolean
  }
  let { outing, usual, isAlone = false }: Props = $props()

  type Panel = Change | 'water' | 'wrong' | 'trial' | 'box' | null
  const BUTTONS: readonly EventKind[] = ['follow', 'bite', 'lost', 'landed']
  const WEAR: readonly EventKind[] = ['lure_lost', 'trailer_torn', 'collar_split']
  const TICK_MS = 10_000
  /** So long after a lure was tied on the water is still as it was then. (Chosen.) */
  const FRESH_MS = 30 * 60_000
  const waters = watersQuery()
  const trips = tripsQuery()
  const trip = $derived(trips.data?.find((one) => one.id === outing.trip_id)?.trip ?? null)
  const id = $derived(outing.id ?? '')
  let now = $state.raw(new Date())
  let who = $state<Angler>('me')
  let panel = $state<Panel>(null)
  /** What went wrong and is being changed for, until the change is made. */
  let pending = $state.raw<MadeChange | null>(null)
  const on = $derived(tiedOn(outing, who))
  const events = $derived(eventsOf(outing))
  const last = $derived(events.at(-1))
  const isJustTied = $derived(on !== undefined && (on.events?.length ?? 0) === 0 && (!last || last.at <= on.started_at))
  const drawn = drawnFor(() => (on ? [on.build] : null))
  const follows = $derived(on?.events?.filter((event) => event.kind === 'follow').length ?? 0)
  const made = $derived(untold(on))
  const water = $derived(waters.data?.find((one) => one.id === outing.water_id)?.name ?? 'No named water')

  // What was just noted is of now.
  $effect(() => {
    void outing
    now = new Date()
  })
  $effect(() => {
    const timer = setInterval(() => (now = new Date()), TICK_MS)
    return () => clearInterval(timer)
  })

  /** What was said of the water before anything was tied on: it goes with the first lure. */
  const answered = new Draft<{ outing: string; seen: ObservedReading }>('water-seen')
  const seen = $derived<ObservedReading>({
    ...seenSoFar(outing),
    ...(answered.value?.outing === id ? answered.value.seen : {}),
  })
  const asked = $derived(filled(seen, currentReading.withChoices(granted(trip, usual, now))))
  const askedOn = ({ build: { lure } }: Stint) => ({ ...asked, reading: { ...asked.reading, lure } })
  let isSkipped = $state(false)
  /** Asked at the start and never later: nothing comes between a fish and its button. */
  const isAsked = $derived(
    !isSkipped && (outing.stints ?? []).length === 0 && (seen.visibility_in == null || seen.sky == null),
  )
  const eye = $derived(byEye(seen))
  const muddier = $derived(on && eye ? dirtier(eye) : null)

  /** One id however often it is sent: where the answer is lost, sending it again notes it once. */
  function note(kind: EventKind) {
    const event = newId()
    const body: OutingEvent = { at: stamp(new Date()), kind, angler: who }
    return writes.note(id, event, body)
  }

  /** Says something else of the lure that is on; what happened under it stays. */
  function retell(change: Partial<Stint>) {
    if (!on?.id) return
    const { id: stint, events: _, ...told } = on
    void _
    return writes.tie(id, stint ?? '', { ...told, ...change })
  }

  /** An answer about the water that a lure is in already is no change of it. */
  function see(now: ObservedReading) {
    panel = null
    if (!on?.id) {
      answered.value = { outing: id, seen: now }
      return
    }
    const isStill = new Date(on.started_at).getTime() > Date.now() - FRESH_MS
    if (!isStill || isOtherThan(seenIn(on), now)) return tie(on.build, { seen: now })
    const { assumed } = filled(now, asked.reading)
    return retell({ reading: now, confirmed: true, assumed })
  }

  function tie(
    build: Composition,
    change: { seen?: ObservedReading; trial?: { trial_id: string; block: number } } = {},
  ) {
    const stint = newId()
    const at = new Date()
    const made = pending
    const reading = change.seen ?? seen
    return writes.tie(
      id,
      stint,
      {
        started_at: stamp(at),
        build,
        reading,
        confirmed: true,
        assumed: filled(reading, asked.reading).assumed,
        doubted: settings.value?.doubted ?? [],
        angler: who,
        made,
        trial: change.trial ?? null,
      },
      () => {
        pending = null
        panel = null
        answered.value = null
      },
    )
  }

  function told(helped: boolean) {
    if (made) void retell({ made: { ...made, helped } })
  }

  /** Whether there is something that a bite could be noted under. */
  const isNotable = $derived(!isAsked && (on !== undefined || who === 'partner'))
  const end = (at: string) => writes.end(id, at)
  function open(which: Panel) {
    panel = panel === which ? null : which
    pending = null
  }
</script>

<!-- On a phone the four big buttons lie under the thumb, above the places. -->
<div class={['mx-auto flex max-w-xl flex-col gap-3', isNotable && 'max-sm:pb-40']}>
  <header class="flex items-center justify-between gap-2">
    <span class="min-w-0 flex-1"
      ><h1 class="truncate text-base leading-tight">{water}</h1>
      <span class="text-sm">{lasted(outing.started_at, now)} out</span></span
    >
    <output class="text-2xl font-extrabold whitespace-nowrap">{clock(now)}</output>
    <Button label="End the outing" onclick={() => end(stamp(new Date()))}>End</Button>
  </header>
  <LeftOpen {outing} {now} onend={end} />
  {#if isAsked}
    <WaterQuestion {seen} {usual} start={asked.reading} onsee={see} onskip={() => (isSkipped = true)} />
  {:else}{@render notes()}{/if}
</div>

{#snippet notes()}
  <TiedOn {on} drawn={drawn.shown?.value[0]} {who} {seen} {now} box={outing.box} />
  {#if isNotable}
    <div
      class={[
        'bg-base-100 grid grid-cols-2 gap-2 max-sm:fixed max-sm:inset-x-0 max-sm:z-30 max-sm:gap-0',
        'max-sm:bottom-[calc(3.5rem+env(safe-area-inset-bottom))]',
      ]}
    >
      {#each BUTTONS as kind (kind)}
        <button
          class={[
            'border-base-content focus-ring min-h-20 border-2 text-xl font-extrabold active:bg-base-200',
            kind === 'landed' && 'bg-primary text-primary-content active:bg-primary',
          ]}
          onclick={() => note(kind)}>{kindWords(kind)}</button
        >
      {/each}
    </div>
  {/if}
  {#if isJustTied && on}
    <div class="border-rule flex items-center justify-between gap-2 border-y py-1">
      <p class="min-w-0 text-sm font-semibold" role="status">
        {tiedWords(outing, on, settings.metric)}, {clock(on.started_at)}
      </p>
      <Button onclick={() => writes.untie(id, on.id ?? '')}>Undo</Button>
    </div>
  {:else if last}<LastNote {outing} event={last} />{/if}
  {#if made}
    <p class="border-base-content flex flex-wrap items-center justify-between gap-2 border-2 p-2 text-sm">
      <span>Did it help? <span class="font-semibold">{made.change}</span></span>
      <span class="flex gap-2"
        ><Button onclick={() => told(true)}>It helped</Button><Button onclick={() => told(false)}>It did not</Button
        ></span
      >
    </p>
  {/if}
  {#if on && follows >= 2 && panel === null && drawn.shown?.value[0]}
    <FollowsPanel
      {outing}
      asked={askedOn(on)}
      on={drawn.shown.value[0].build}
      onmake={(change, step) => {
        pending = { symptom: 'follows', change: step }
        panel = change
      }}
    />
  {/if}
  <div class="grid grid-cols-3 gap-2" role="group" aria-label="Change">
    <Button pressed={panel === 'lure'} onclick={() => open('lure')}>{on ? 'Change lure' : 'Tie on a lure'}</Button>
    {#if on}
      <Button pressed={panel === 'trailer'} onclick={() => open('trailer')}>Change trailer</Button>
      {#if on.build.rear}<Button pressed={panel === 'blade'} onclick={() => open('blade')}>Change blade</Button>{/if}
      {#if muddier}
        {@const water = muddier}
        <Button class="h-auto py-1" onclick={() => see({ ...seen, ...water })}
          ><span>Dirtier: <span class="font-normal">{waterWords(water, settings.metric, eye?.tint)}</span></span
          ></Button
        >
      {/if}
      <Button pressed={panel === 'water'} onclick={() => open('water')}
        >{seen.visibility_in == null ? 'Note the water' : 'The water changed'}</Button
      >
      <Button pressed={panel === 'wrong'} onclick={() => open('wrong')}>Something is wrong</Button>
    {/if}
    {#if !isAlone}<Button pressed={panel === 'trial'} onclick={() => open('trial')}>Fair trial</Button>{/if}
    <Button pressed={panel === 'box'} onclick={() => open('box')}>Edit the box</Button>
  </div>
  {#if panel === 'lure' || panel === 'trailer' || panel === 'blade'}
    <ChangePanel
      change={panel}
      {outing}
      {asked}
      on={on?.build ?? null}
      reason={pending?.change ?? null}
      onpick={(build) => tie(build)}
    />
  {:else if panel === 'box'}
    <BoxPanel {outing} onset={(before, box) => writes.fill(id, before, box)} />
  {:else if panel === 'water'}
    <WaterPanel {seen} start={asked.reading} onset={see} />
  {:else if panel === 'wrong' && on}
    <WrongPanel
      asked={askedOn(on)}
      onmake={(remedy, change) => {
        pending = remedy
        if (change) panel = change
        else void tie(on.build)
      }}
    />
  {/if}
  <!-- While a block is fished its timer stays in sight. -->
  {#if !isAlone && (panel === 'trial' || on?.trial)}
    <TrialPanel {on} {now} onstart={(build, trial) => tie(build, { trial })} />
  {/if}
  <Choice
    label="Whose fish and lure"
    options={ANGLERS}
    value={who}
    onpick={(one) => ((who = one), (panel = null), (pending = null))}
    shown={{ me: 'Mine', partner: 'The partner’s' }}
  />
  {#if on}
    <div class="grid grid-cols-3 gap-2" role="group" aria-label="Wear, taken from stock">
      {#each WEAR as kind (kind)}<Button onclick={() => note(kind)}>{kindWords(kind)}</Button>{/each}
    </div>
  {/if}
  <div class="flex flex-wrap justify-between gap-2 pt-2">
    {#if isAlone}<span class="self-center text-sm">{events.length} noted</span>
    {:else}<Button href="#/outing/{id}">All notes ({events.length})</Button>{/if}
  </div>
{/snippet}
